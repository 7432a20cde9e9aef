# What a teacher copied or cut, as it was then, to be pasted on any page of any lesson of theirs.
class Clipping < ApplicationRecord
  KEEP = 30
  MOST = Usher::Page::Operation::MAX_ITEMS

  attribute :items, PlainJson.new

  belongs_to :teacher

  # Keeps copies of these items of a page under the browser's own key; the same key again changes nothing.
  # Only the latest few of a teacher are kept.
  def self.clip(page, keys, key:)
    key = Usher::Types::Id.new.call(key)
    return if exists?(key: key)
    chosen = page.items.where(key: keys.first(MOST)).map { |item| item.placed.to_h }
    raise Usher::Invalid, "There is nothing left to copy." if chosen.empty?
    create!(lesson_id: page.lesson_id, key: key, items: chosen)
    order(id: :desc).offset(KEEP).delete_all
  end

  # Puts copies on a page, moved by `shift` in page units. Ids follow from the operation's own, so that
  # sending it twice pastes once. Answers with a Patch.
  def paste_on(page, id:, by:, shift:, **rest)
    page.perform({ "verb" => "put", "items" => copies(page, id, shift) }, id: id, by: by, **rest)
  end

  private

  def copies(page, id, shift)
    originals = items.sort_by { |item| item["z"] }.map { |item| Usher::Items.restore(item.except("z")) }
    ids = originals.each_with_index.to_h { |item, index| [ item.id, fresh(id, index) ] }
    originals.map { |item| at_home(item, page).copied(ids: ids, by: shift) { |group| fresh(id, group) } }.map(&:to_h)
  end

  def fresh(id, part) = Digest::SHA256.hexdigest("#{id} #{part}")[0, 24]

  # In another lesson activities are copied along, once, and links to pages open nothing.
  def at_home(item, page)
    return item if page.lesson_id == lesson_id
    @activities ||= Hash.new { |known, number| known[number] = teacher_activities.find_by(id: number)&.copy_to(page.lesson)&.id }
    return item.change("activity" => @activities[item.activity] || raise(Usher::Invalid, "The activity you copied is gone.")) if item.is_a?(Usher::Items::Activity)
    item.relinked(activities: item.activity ? { item.activity => @activities[item.activity] }.compact : {})
  end

  def teacher_activities = Activity.where(lesson: teacher.lessons)
end
