# A page duplicated, in its lesson or into another.
module Page::Copying
  # activities: { id here => Activity there } when the copy goes to another lesson. ink: whether what
  # was written goes with it.
  def copy_to(other, position:, activities: {}, ink: true)
    other.make_room(position)
    copy = other.all_pages.create!(position: position, picture_id: picture_id, **style)
    placed = (ink ? items : items.where.not(kind: "ink")).map { |item| item.placed_with(activities[item.activity_id]) }
    rows = placed.map { |one| Item.row(one, page: copy) }
    Item.insert_all!(rows) if rows.any?
    other.touch
    copy
  end

  # The same into another lesson, with its activities.
  def copy_into(other, position:, ink: true)
    transaction do
      activities = lesson.activities.where(id: items.select(:activity_id)).to_h { |activity| [ activity.id, activity.copy_to(other) ] }
      copy_to(other, position: position, activities: activities, ink: ink)
    end
  end

  # A copy right behind this page.
  def duplicate = transaction { copy_to(lesson, position: position + 1) }
end
