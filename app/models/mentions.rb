# Which pictures and files are named by what is stored: on pages, in what can be undone, in activities.
module Mentions
  NAMED = /"(asset|picture|sound)":(\d+)/
  NAMES = { "sound" => "asset" }.freeze # what an activity calls otherwise

  class << self
    # All that anything of these lessons names, read once: a Set of ["asset", 7], ["picture", 3], ... more: further scopes, each selecting a `text`.
    def in(lessons:, more: [])
      pages = Page.where(lesson: lessons)
      texts = [ Operation.where(page: pages).select("payload || COALESCE(inverse, '') AS text, operations.id"), Item.where(page: pages).select("data AS text, items.id"), pages.select("measures AS text, pages.id"),
        Edition.joins(:activity).where(activities: { lesson_id: lessons.select(:id) }).select("editions.content AS text, editions.id"), *more ]
      Set.new(pages.where.not(picture_id: nil).pluck(:picture_id).map { |number| [ "picture", number ] }).tap { |found| texts.each { |rows| read(rows, found) } }
    end

    private

    def read(rows, found)
      rows.in_batches(of: 200) { |batch| batch.each { |row| row.text.scan(NAMED) { |name, number| found << [ NAMES.fetch(name, name), number.to_i ] } } }
    end
  end
end
