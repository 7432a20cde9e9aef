require "sqlite3"
require "parallel"
require "vips"
require "usher"
require_relative "clipart"
require_relative "emoji"
require_relative "thesaurus"

module Library
  # Writes the bundled library into one SQLite file that the app only reads: drawings made harmless and
  # cut to what they show, and a full-text index of their titles, words and synonyms.
  class Builder
    PACKS = [ Emoji, Clipart ].freeze
    SHARE = 1_000 # drawings between two words of progress
    SIGHT = 160 # pixels of the picture in which the edge of a drawing is looked for
    TABLES = <<~SQL.freeze
      CREATE TABLE drawings (id INTEGER PRIMARY KEY, pack TEXT NOT NULL, title TEXT NOT NULL, width REAL NOT NULL, height REAL NOT NULL, svg TEXT NOT NULL);
      CREATE VIRTUAL TABLE drawing_words USING fts5(title, words, synonyms, tokenize = 'porter unicode61 remove_diacritics 2', prefix = '2 3');
      CREATE TABLE plurals (plural TEXT PRIMARY KEY, singular TEXT NOT NULL) WITHOUT ROWID;
    SQL

    # path: where the file goes; packs: lists of { title:, words:, svg:, pack: }.
    def initialize(path, packs: PACKS.map(&:new))
      @path, @packs, @thesaurus = path, packs, Thesaurus.new
    end

    # The file is there only once it is whole. Yields how many drawings are in. Every core reads a share of them.
    def build(&told)
      rows = read(&told)
      File.delete(part) if File.exist?(part)
      database = SQLite3::Database.new(part)
      database.execute_batch(TABLES)
      database.transaction do
        rows.each { |row| add(database, row) }
        @thesaurus.irregular.each { |plural, singular| database.execute("INSERT OR IGNORE INTO plurals VALUES (?, ?)", [ plural, singular ]) }
      end
      database.execute("INSERT INTO drawing_words (drawing_words) VALUES ('optimize')")
      database.close
      File.rename(part, @path)
    end

    private

    def part = "#{@path}.part"

    # Before the file is opened: a database must not be open where processes part.
    def read
      drawings = @packs.flat_map(&:to_a)
      drawings.each_slice(SHARE).with_index(1).flat_map do |share, count|
        rows = Parallel.map(share, in_processes: Parallel.processor_count) { |drawing| row(drawing) }
        yield [ count * SHARE, drawings.size ].min if block_given?
        rows.compact
      end
    end

    # What is written of a drawing; nil for one that cannot be read or shows nothing.
    def row(drawing)
      svg, width, height = cut(Usher::Formats::Svg::Reader.read(drawing[:svg]))
      { drawing: [ drawing[:pack], drawing[:title], width, height, svg ], words: [ drawing[:title], drawing[:words], synonyms(drawing) ] }
    rescue Usher::Invalid, Vips::Error
      nil
    end

    def add(database, row)
      database.execute("INSERT INTO drawings (pack, title, width, height, svg) VALUES (?, ?, ?, ?, ?)", row[:drawing])
      database.execute("INSERT INTO drawing_words (rowid, title, words, synonyms) VALUES (?, ?, ?, ?)", [ database.last_insert_row_id, *row[:words] ])
    end

    # Many drawings lie somewhere on a large empty sheet: only what they show is kept in view.
    def cut(read)
      scale = SIGHT / [ read.width, read.height ].max
      seen = Vips::Image.svgload_buffer(read.svg, scale: scale)
      left, top, wide, high = seen.extract_band(3).find_trim(background: 0, threshold: 8)
      raise Usher::Invalid, "It shows nothing." if wide < 3 || high < 3
      document = Nokogiri::XML(read.svg)
      x, y, width, height = document.root["viewBox"].split(/[\s,]+/).map(&:to_f)
      unit = [ width / seen.width, height / seen.height ]
      box = [ x + (left - 1) * unit[0], y + (top - 1) * unit[1], (wide + 2) * unit[0], (high + 2) * unit[1] ].map { |n| n.round(2) }
      document.root["viewBox"] = box.join(" ")
      document.root["width"], document.root["height"] = box[2].to_s, box[3].to_s
      [ document.root.to_xml(indent: 0), box[2], box[3] ]
    end

    def synonyms(drawing)
      own = "#{drawing[:title]} #{drawing[:words]}".downcase.scan(/[[:alpha:]]{3,}/).uniq.first(30)
      (own.flat_map { |word| @thesaurus.others(word) }.uniq - own).join(" ")
    end
  end
end
