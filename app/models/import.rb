# Pages of a PDF, or slides, on their way into a lesson (see Papers and Slides).
class Import < ApplicationRecord
  include Jumps

  attribute :pages, PlainJson.new
  attribute :jumps, PlainJson.new
  attribute :left_out, PlainJson.new # how many of what could not be read: { "chart" => 2 }

  belongs_to :lesson
  belongs_to :asset

  RUNNING = %w[waiting running].freeze
  STALE = 2.minutes # without a new page, after which another may begin
  LATELY = 30.minutes # within which a second one comes behind the first, though the first page of that is in view

  # wanted: "all", "7" or "3-12". The pages come right behind `after`. Raises Usher::Invalid.
  def self.start(lesson, asset, after:, wanted:)
    raise Usher::Invalid, "Only a PDF or a presentation has pages to bring in." unless asset.paged?
    range = range_of(wanted, asset.as_kind)
    raise Usher::Invalid, "Another PDF or presentation is still coming into this lesson. Wait for it, or stop it." if where(lesson: lesson, state: RUNNING, updated_at: STALE.ago..).exists?
    create!(lesson: lesson, asset: asset, position: behind_lately(lesson, after).position, first: range.begin, last: range.end).tap { |import| ImportJob.perform_later(import) }
  end

  # The last page of what came lately, where the first of that is in view, or still the page it came behind.
  def self.behind_lately(lesson, after)
    before = where(lesson: lesson, state: "done", updated_at: LATELY.ago..).last or return after
    came = lesson.pages.select { |page| before.pages.include?(page.id) }
    came.any? && (after == came.first || after.position == came.first.position - 1) ? came.last : after
  end
  private_class_method :behind_lately

  # { "chart" => 2 } as "2 charts".
  def self.counted(left_out) = left_out.map { |what, count| ActionController::Base.helpers.pluralize(count, what) }.to_sentence

  def self.range_of(wanted, kind)
    return 1..kind.count if wanted.strip.downcase == "all"
    first, last = wanted.match(/\A\s*(\d{1,4})\s*(?:[-–]\s*(\d{1,4})\s*)?\z/)&.captures
    raise Usher::Invalid, "Say which pages: all, one (7), or some (3-12)." unless first
    range = first.to_i..(last || first).to_i
    raise Usher::Invalid, kind.range_words unless range.begin >= 1 && range.end <= kind.count && range.begin <= range.end
    range
  end
  private_class_method :range_of

  def size = last - first + 1
  def running? = RUNNING.include?(state)
  def status = { import: id, state: state, done: pages.size, size: size, note: note, page: pages.first }.compact

  # Brings in what is missing, page by page; stops as soon as it is called off. A server that stopped
  # halfway goes on where it was.
  def run
    return if self.class.where(id: id, state: RUNNING).update_all(state: "running").zero? # called off before it began
    asset.file.open do |file|
      source = asset.as_kind.source(file.path)
      bring(first + pages.size, *source.page(first + pages.size)) while reload.running? && pages.size < size
    end
    link_pages if running? && jumps.any?
    with_lock { update!(state: "done", note: summary) if running? }
    undo if state == "cancelled"
  rescue Usher::Invalid => error
    update!(state: "failed", note: "#{error.message} #{pages.size} of #{size} pages came.")
  rescue StandardError
    give_up
    raise
  end

  def give_up = update!(state: "failed", note: "Something went wrong. #{reload.pages.size} of #{size} pages came.")

  # What has come already goes to the bin.
  def cancel
    return unless running?
    update!(state: "cancelled", note: "Stopped. Nothing of it was brought in.")
    undo
  end

  private

  # page: as Lesson#add_page takes it; missing: what was left out of it, a word for each; jumps: what of it leads to other
  # slides, [[item, number of the slide], ...].
  def bring(number, page, missing, jumps = [])
    transaction do
      next unless reload.running? && number == first + pages.size # called off, or brought by another run of the same job
      came = lesson.add_page(after: lesson.pages.reload.select { |one| one.position <= position + pages.size }.last, **page)
      update!(pages: [ *pages, came.id ], left_out: left_out.merge(missing.tally) { |_, before, now| before + now }, jumps: self.jumps + jumps.map { |jump| [ came.id, *jump ] })
    end
  end

  # What a teacher should know of it when it is done; nil when nothing is missing.
  def summary
    "#{size} #{'page'.pluralize(size)} came in. Not brought in: #{self.class.counted(left_out)}. The pages say where, on a note beside them." if left_out.any?
  end

  def undo
    came = Page.kept.where(id: pages).to_a
    lesson.bin_pages(came) if came.any?
  end
end
