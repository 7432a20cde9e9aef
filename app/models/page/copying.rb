# A page duplicated, in its lesson or into another.
module Page::Copying
  extend ActiveSupport::Concern

  # A page like this one at a place of a lesson's running order, with nothing on it yet.
  def blank_copy(other, position:)
    other.make_room(position)
    other.all_pages.create!(position: position, picture_id: picture_id, **style)
  end

  # Puts copies of this page's items on `copy`. ink: whether what was written goes with it. elsewhere:
  # { pages:, activities: }, { number here => there } of what items open, when it is another lesson's.
  def fill(copy, ink: true, elsewhere: nil)
    kept = ink ? items : items.where.not(kind: "ink")
    copy.insert(kept.map { |item| elsewhere ? item.placed_in(**elsewhere) : item.placed })
    copy.lesson.touch
    copy
  end

  # A copy in another lesson, with its activities. Links to pages that stay behind open nothing there.
  def copy_into(other, position:, ink: true) = Page.copy_all([ self ], other, position: position, ink: ink).first

  # A copy right behind this page.
  def duplicate(ink: true) = transaction { fill(blank_copy(lesson, position: position + 1), ink: ink).tap { lesson.reordered } }

  class_methods do
    # Copies of these pages of one lesson, one behind the other, in another lesson from this position
    # on. Answers with them.
    def copy_all(pages, other, position:, ink: true)
      transaction do
        activities = pages.first.lesson.activities.where(id: Item.where(page: pages, layer: pages.first.prepared).select(:activity_id)).to_h { |activity| [ activity.id, activity.copy_to(other).id ] }
        copies = pages.each_with_index.map { |page, index| page.blank_copy(other, position: position + index) }
        numbers = pages.zip(copies).to_h { |page, copy| [ page.id, copy.id ] }
        pages.zip(copies) do |page, copy|
          page.fill(copy, ink: ink, elsewhere: { pages: numbers, activities: activities })
          copy.update_columns(cues: Usher::Cues.relinked(page.cues, pages: numbers, activities: activities)) if page.cues.any?
        end
        other.reordered
        copies
      end
    end
  end
end
