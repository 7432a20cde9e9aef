module Library
  # WordNet's nouns (Debian's package wordnet-base): other words for a thing, and what it is a plural of.
  # Its files are described in wndb(5): index.noun gives for each word the places of its senses in
  # data.noun, the commonest first; noun.exc lists plurals that follow no rule.
  class Thesaurus
    FOLDER = "/usr/share/wordnet".freeze
    SENSES = 2 # of a word, the commonest
    ENDINGS = [ [ /ves\z/, "f" ], [ /ies\z/, "y" ], [ /(ses|xes|zes|ches|shes)\z/, ->(end_of) { end_of.delete_suffix("es") } ], [ /s\z/, "" ] ].freeze

    def initialize
      @data = File.binread(File.join(FOLDER, "data.noun"))
      @senses = {}
      File.foreach(File.join(FOLDER, "index.noun")) do |line|
        next if line.start_with?(" ")
        word, *rest = line.split
        @senses[word] = rest.last(rest[1].to_i).map(&:to_i)
      end
      @irregular = File.foreach(File.join(FOLDER, "noun.exc")).to_h { |line| line.split.first(2) }
    end

    # ["ship", "vessel", ...] for "boats"; the word itself in the singular among them where it is a noun.
    def others(word)
      one = singular(word.downcase)
      [ one, *@senses.fetch(one, []).first(SENSES).flat_map { |place| lemmas(place) } ].uniq - [ word ]
    end

    # "mouse" for "mice", "boat" for "boats"; what is no plural stays.
    def singular(word)
      return @irregular[word] if @irregular.key?(word)
      return word if @senses.key?(word)
      ENDINGS.each do |ending, put|
        one = word.sub(ending) { |found| put.respond_to?(:call) ? put.call(found) : put }
        return one if one != word && @senses.key?(one)
      end
      word
    end

    # Every plural without a rule: { "mice" => "mouse" }.
    attr_reader :irregular

    private

    # The words of one sense: after its number, file and kind comes their count in hexadecimal.
    def lemmas(place)
      fields = @data[place, 2_000].lines.first.split
      Array.new(fields[3].hex) { |index| fields[4 + index * 2].tr("_", " ").downcase }
    end
  end
end
