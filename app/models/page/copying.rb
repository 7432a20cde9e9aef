# A page duplicated, in its lesson or into another.
module Page::Copying
  # activities: { id here => Activity there } when the copy goes to another lesson.
  def copy_to(other, position:, activities: {})
    other.make_room(position)
    copy = other.all_pages.create!(position: position, **style)
    placed = items.map { |item| item.placed_with(activities[item.activity_id]) }
    rows = placed.map { |one| Item.row(one, page: copy) }
    Item.insert_all!(rows) if rows.any?
    other.touch
    copy
  end

  # A copy right behind this page.
  def duplicate = transaction { copy_to(lesson, position: position + 1) }
end
