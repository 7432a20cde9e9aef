# Things of a page as they were when they were copied or put into the store room, to be laid on any page.
class HeldItems
  # items: hashes with "z", as Usher::Page::Placed#to_h makes them; lesson_id: where they come from.
  def initialize(items, lesson_id:, teacher:)
    @lesson_id, @teacher = lesson_id, teacher
    @items = items.sort_by { |item| item["z"] }.map { |item| Usher::Items.restore(item.except("z")) }
  end

  # The middle of the box around them, in page units.
  def centre = Usher::Geometry::Box.around(@items.flat_map { |item| item.box.corners }).centre

  # Attributes of copies for a page of this lesson, back to front, moved by `by` in page units. The block
  # gives each part (an index, or a group's name) its new id, always the same for the same part.
  def copies(lesson, by:, &fresh)
    ids = @items.each_with_index.to_h { |item, index| [ item.id, fresh.(index) ] }
    @items.map { |item| at_home(item, lesson).copied(ids: ids, by: by) { |group| fresh.(group) }.to_h }
  end

  private

  # In another lesson activities are copied along, once, and links to pages open nothing.
  def at_home(item, lesson)
    return item if lesson.id == @lesson_id
    @activities ||= Hash.new { |known, number| known[number] = Activity.where(lesson: @teacher.lessons).find_by(id: number)&.copy_to(lesson)&.id }
    return item.change("activity" => @activities[item.activity] || raise(Usher::Invalid, "The activity you copied is gone.")) if item.is_a?(Usher::Items::Activity)
    item.relinked(activities: item.activity ? { item.activity => @activities[item.activity] }.compact : {})
  end
end
