# A drawing of the library, found by its title, its words and synonyms of them.
class Library::Drawing < Library::Record
  self.table_name = "drawings"

  MOST = 60
  WEIGHTS = [ 12, 5, 1 ].freeze # of the title, the words and the synonyms

  Entry = Struct.new(:id, :title)

  class << self
    # [Entry, ...] for what was typed, the best first; the last word may be only begun. Plurals find the
    # singular, also those without a rule.
    def search(query, limit: MOST)
      words = query.downcase.scan(/[[:alnum:]]+/).first(8)
      return sample(limit) if words.empty?
      singular = plurals(words)
      # Whole words first, then words that only begin so.
      found = match(words.map { |word| either(word, singular) }.join(" "), limit)
      found |= match([ *words[0..-2].map { |word| either(word, singular) }, %("#{words.last}"*) ].join(" "), limit) if found.size < limit
      found.first(limit)
    end

    # [Entry, ...] of a subject (Library::Subjects) that match what was typed, if anything was.
    def about(subject, query = "", limit: MOST)
      words = Library::Subjects.words(subject)
      return [] if words.empty?
      any = words.map { |word| %("#{word}") }.join(" OR ")
      typed = query.downcase.scan(/[[:alnum:]]+/).first(8).map { |word| %("#{word}"*) }
      match([ "(#{any})", *typed ].join(" AND "), limit)
    end

    # Something to look at before anything is typed.
    def sample(limit) = select(:id, :title).where(pack: "emoji").order(Arel.sql("(id * 7919) % 1571")).limit(limit).map { |row| Entry.new(row.id, row.title) }

    def named(id) = find_by(id: id)

    private

    def either(word, singular) = singular[word] ? %[("#{word}" OR "#{singular[word]}")] : %("#{word}")

    def plurals(words) = connection.select_rows(sanitize_sql([ "SELECT plural, singular FROM plurals WHERE plural IN (?)", words ])).to_h

    def match(expression, limit)
      sql = "SELECT rowid AS id, title FROM drawing_words WHERE drawing_words MATCH ? ORDER BY bm25(drawing_words, ?, ?, ?) LIMIT ?"
      connection.select_rows(sanitize_sql([ sql, expression, *WEIGHTS, limit ])).map { |row| Entry.new(*row) }
    end
  end

  # As a picture of this teacher's, taken once.
  def picture_for(teacher) = Picture.take_in_bytes(svg, teacher: teacher, name: title, origin: "library:#{pack}:#{id}")
end
