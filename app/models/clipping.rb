# What a teacher copied or cut, as it was then, to be pasted on any page of any lesson of theirs.
class Clipping < ApplicationRecord
  KEEP = 30
  MOST = Usher::Page::Operation::MAX_ITEMS

  attribute :contents, StoredDocument.new(:clipping)

  belongs_to :teacher

  # Keeps copies of these items of a page, as it is shown, under the browser's own key; the same key again changes nothing.
  # Only the latest few of a teacher are kept.
  def self.clip(showing, keys, key:)
    key = Usher::Types::Id.new.call(key)
    return if exists?(key: key)
    chosen = showing.items.where(key: keys.first(MOST)).map { |item| item.placed.to_h }
    raise Usher::Invalid, "There is nothing left to copy." if chosen.empty?
    create!(lesson_id: showing.page.lesson_id, key: key, contents: { "items" => chosen })
    order(id: :desc).offset(KEEP).delete_all
  end

  # Puts copies on a page, moved by `shift` in page units. Ids follow from the operation's own, so that
  # sending it twice pastes once. Answers with a Patch.
  def paste_on(page, id:, by:, shift:, **rest)
    page.perform({ "verb" => "put", "items" => copies(page, id, shift) }, id: id, by: by, **rest)
  end

  private

  def copies(page, id, shift)
    HeldItems.new(contents["items"], lesson_id: lesson_id, teacher: teacher).copies(page.lesson, by: shift) { |part| Digest::SHA256.hexdigest("#{id} #{part}")[0, 24] }
  end
end
