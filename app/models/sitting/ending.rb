# How a sitting ends, and what becomes of what it wrote: kept for this class, wiped, or taken into the lesson.
module Sitting::Ending
  extend ActiveSupport::Concern

  ENDINGS = %w[kept wiped taken].freeze

  included do
    scope :kept, -> { where(ending: "kept").order(ended_at: :desc, id: :desc) }
  end

  # How: one of ENDINGS. title: which class it was. pages: of those it touched the ones to take into the lesson; the
  # others are wiped. Raises Usher::Invalid.
  def finish(how, by:, title: nil, pages: [])
    raise Usher::Invalid, "Say whether it is kept, wiped or taken into the lesson." unless ENDINGS.include?(how)
    raise Usher::Invalid, "Choose the pages to take into the lesson first." if how == "taken" && pages.empty?
    transaction do
      update!(title: title) if title
      shut
      pages.each { |page| page.take_into_lesson(layer, by: by, id: SecureRandom.alphanumeric(20)) } if how == "taken"
      wipe unless how == "kept"
      tick
      update!(ending: how, ended_at: Time.current)
      ApplicationRecord.current_transaction.after_commit { tell_boards(over: true) }
    end
  end

  # It is over without anybody having said so: what was written stays. One that left nothing leaves no trace.
  def close
    return destroy if seats.none? && touched_pages.none? && layer.attempts.none?
    shut
    update!(ending: "kept", ended_at: Time.current)
  end

  def ended? = ended_at.present?

  # A class that had begun comes again. Its doors are shut, its page is where it was left.
  def go_on
    transaction(requires_new: true) { update!(ended_at: nil, ending: nil, beside: lesson.sittings.current.exists?(beside: false)) }
  rescue ActiveRecord::RecordNotUnique
    retry # another one was begun at the same moment
  end

  # The pages of the lesson on which anything is different from what was prepared.
  def touched_pages
    lesson.pages.where(id: layer.items.select(:page_id)).or(lesson.pages.where(id: layer.styles.select(:page_id)))
  end

  # What was prepared anew since this class was here: the pages that were changed, and those that are new.
  def changed_since = lesson.pages.where(id: Operation.where(layer: lesson.prepared, page: lesson.pages, created_at: (ended_at || seen_at || began_at)..).select(:page_id))

  private

  def wipe
    [ layer.items, layer.styles ].each(&:delete_all)
    layer.attempts.destroy_all
  end
end
