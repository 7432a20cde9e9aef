# Pages of a PDF on their way into a lesson, as papers with text that can be chosen and found.
class Import < ApplicationRecord
  attribute :pages, PlainJson.new

  belongs_to :lesson
  belongs_to :asset

  RUNNING = %w[waiting running].freeze
  STALE = 2.minutes # without a new page, after which another may begin
  PAPER = { "paper" => "picture", "colour" => Usher::Colour::WHITE }.freeze # on a page of the same shape

  # wanted: "all", "7" or "3-12". The pages come right behind `after`. Raises Usher::Invalid.
  def self.start(lesson, asset, after:, wanted:)
    raise Usher::Invalid, "That is not a PDF." unless asset.kind == "pdf"
    range = range_of(wanted, asset.facts["pages"])
    raise Usher::Invalid, "Another PDF is still coming into this lesson. Wait for it, or stop it." if where(lesson: lesson, state: RUNNING, updated_at: STALE.ago..).exists?
    create!(lesson: lesson, asset: asset, position: after.position, first: range.begin, last: range.end).tap { |import| ImportJob.perform_later(import) }
  end

  def self.range_of(wanted, count)
    return 1..count if wanted.strip.downcase == "all"
    first, last = wanted.match(/\A\s*(\d{1,4})\s*(?:[-–]\s*(\d{1,4})\s*)?\z/)&.captures
    raise Usher::Invalid, "Say which pages: all, one (7), or some (3-12)." unless first
    range = first.to_i..(last || first).to_i
    raise Usher::Invalid, "That PDF has pages 1 to #{count}." unless range.begin >= 1 && range.end <= count && range.begin <= range.end
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
      reader = Usher::Formats::Pdf::Reader.new(file.path)
      while reload.running? && pages.size < size
        bring(reader.sheet(first + pages.size), first + pages.size)
      end
    end
    with_lock { update!(state: "done") if running? }
    undo if state == "cancelled"
  rescue Usher::Invalid => error
    update!(state: "failed", note: "#{error.message} #{pages.size} of #{size} pages came.")
  rescue StandardError
    update!(state: "failed", note: "Something went wrong. #{pages.size} of #{size} pages came.")
    raise
  end

  # What has come already goes to the bin.
  def cancel
    return unless running?
    update!(state: "cancelled", note: "Stopped. Nothing of it was brought in.")
    undo
  end

  private

  def bring(sheet, number)
    picture = Picture.of_sheet(sheet, teacher: asset.teacher, name: "#{asset.name}, page #{number}", origin: "pdf:#{asset.id}:#{number}")
    transaction do
      next unless reload.running? && number == first + pages.size # called off, or brought by another run of the same job
      page = lesson.add_page(after: lesson.pages.reload.select { |page| page.position <= position + pages.size }.last, style: PAPER.merge("measures" => { "picture" => picture.id, "fit" => "whole" }, **Usher::Page::Style.shaped(picture.width, picture.height)))
      update!(pages: [ *pages, page.id ])
    end
  end

  def undo
    came = Page.kept.where(id: pages).to_a
    lesson.bin_pages(came) if came.any?
  end
end
