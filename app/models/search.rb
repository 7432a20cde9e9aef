# Finds lessons by their facts and by every word on their pages, in SQLite's full-text index (FTS5).
# The index is a table that Rails' schema cannot describe; config/initializers/search.rb makes it.
# A page's row has its own number, a lesson's facts the lesson's number below zero. Pages whose words have changed are
# put into it when somebody searches among them.
class Search
  TABLE = "search_words".freeze
  MOST = 60
  OPEN, SHUT = "\u0001", "\u0002" # around what was found, until the view has escaped the rest

  # page: nil where the lesson's facts were found; snippet: words around what was found.
  Found = Struct.new(:lesson, :page, :snippet)

  class << self
    def index_page(page, words) = write(page.id, words, page.lesson_id)
    def index_lesson(lesson) = write(-lesson.id, lesson.slice(:title, :subject, :year, :folder, :curriculum, :notes).values.compact_blank.join("\n"), lesson.id)
    def forget_page(page) = erase(page.id)
    def forget_lesson(lesson) = erase(-lesson.id)

    private

    def write(row, words, lesson)
      return erase(row) if words.blank?
      run("INSERT OR REPLACE INTO #{TABLE} (rowid, words, lesson_id) VALUES (?, ?, ?)", row, words, lesson)
    end

    def erase(row) = run("DELETE FROM #{TABLE} WHERE rowid = ?", row)

    def run(sql, *values) = ApplicationRecord.connection.execute(ApplicationRecord.sanitize_sql([ sql, *values ]))
  end

  # lessons: the scope to search in; query: what was typed. Every word must be there; the last may be
  # only begun.
  def initialize(lessons, query)
    @lessons, @query = lessons, query
  end

  # [Found, ...], the best first.
  def results
    return [] if match.empty?
    Page.where(lesson_id: @lessons.reselect(:id)).index_words
    rows = found
    lessons = @lessons.where(id: rows.map { |row| row["lesson_id"] }).index_by(&:id)
    pages = Page.kept.where(id: rows.map { |row| row["rowid"] }, lesson: lessons.keys).index_by(&:id)
    rows.filter_map do |row|
      lesson = lessons[row["lesson_id"]] or next
      next Found.new(lesson, nil, row["snippet"]) if row["rowid"].negative?
      pages[row["rowid"]]&.then { |page| Found.new(lesson, page, row["snippet"]) }
    end
  end

  private

  # Words as FTS5 takes them: each in quotes, so that nothing in them is an operator.
  def match
    @match ||= @query.scan(/[[:alnum:]]+/).first(12).map { |word| %("#{word}"*) }.join(" ")
  end

  def found
    sql = "SELECT rowid, lesson_id, snippet(#{TABLE}, 0, ?, ?, '…', 14) AS snippet FROM #{TABLE} WHERE #{TABLE} MATCH ? AND lesson_id IN (#{@lessons.reselect(:id).to_sql}) ORDER BY rank LIMIT ?"
    ApplicationRecord.connection.select_all(ApplicationRecord.sanitize_sql([ sql, OPEN, SHUT, match, MOST ])).to_a
  end
end
