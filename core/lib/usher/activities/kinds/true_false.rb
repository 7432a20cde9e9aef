module Usher
  module Activities
    module Kinds
      # True or false.
      #
      # Content: { "sentences" => [{ "ask" => Face, "true" => bool }, ...] }.
      # Move: { "field" => "a1", "option" => "yes" or "no" }. Cells are the sentences.
      class TrueFalse < Kind
        SENTENCES = 1..60
        WORDS = { "yes" => "True", "no" => "False" }.freeze
        TRUE = /\A\s*(true|yes|t|y|1|✓|right)\s*\z/i
        FALSE = /\A\s*(false|no|f|n|0|✗|wrong)\s*\z/i

        def self.title = "True or false"
        def self.purpose = "Say of each sentence whether it is true."
        def self.listed = "sentences"
        def self.columns = [ "Sentence", "True or false" ]
        def self.plain = [ 1 ]

        def self.from_table(rows, _settings)
          { "sentences" => rows.map { |ask, given| { "ask" => ask, "true" => { TRUE => true, FALSE => false }.find { |words, _| Table.text(given).match?(words) }&.last } } }
        end

        def to_table = content["sentences"].map { |sentence| [ sentence["ask"], sentence["true"] ? "true" : "false" ] }
        # Of each question that is asked in words one sentence that is right and one that is not.
        def self.from_parts(parts)
          sentences = parts["questions"]&.flat_map do |question|
            said = %w[right wrong].map { |side| [ question["ask"]["text"], question[side].first&.fetch("text", nil) ] }
            said.zip([ true, false ]).filter_map { |(ask, answer), right| { "ask" => "#{ask}: #{answer}", "true" => right } if ask && answer }
          end
          sentences && { "sentences" => sentences }
        end

        def deal(seed) = Deal.shuffle(sentences.size, seed)
        def cells(deal) = deal.names
        def answering(deal) = Answering::Choosing.new(deal.names.to_h { |name| [ name, WORDS.keys ] })
        def right?(deal, answers, cell) = answers[cell] == [ right(deal, cell) ]
        def solve(deal, answers, cell) = answers.merge(cell => [ right(deal, cell) ])
        def question(deal, cell) = deal.index(cell)
        def questions = sentences.map { |sentence, _| sentence.words }
        def view(deal, answers) = { "sentences" => deal.names.to_h { |name| [ name, answers[name]&.first ] } }
        def told(_deal, answers, cell) = WORDS.fetch(answers[cell].first)
        def faces(deal, _answers) = deal.pieces.transform_values { |index| sentences[index].first }
        def all_faces = sentences.map(&:first)
        def glimpse = questions.first(4)

        def paper(sheet, deal, answers, **)
          shown = faces(deal, answers)
          view(deal, answers)["sentences"].each { |cell, said| sheet.choices(shown[cell], [ [ "True", said == true ], [ "False", said == false ] ]) }
        end

        private

        # [[Face, whether it is true], ...]
        def sentences = @sentences ||= content["sentences"].map { |sentence| [ Face.new(sentence["ask"]), sentence["true"] ] }

        def right(deal, cell) = sentences[deal.index(cell)].last ? "yes" : "no"

        def check(content)
          given = list(content["sentences"], SENTENCES, "Write #{SENTENCES.begin} to #{SENTENCES.end} sentences.")
          sentences = given.each_with_index.map do |sentence, index|
            raise Invalid, "Sentence #{index + 1} must come with true or false." unless sentence.is_a?(Hash)
            ask = Face.read(sentence["ask"], "Sentence #{index + 1}")
            raise Invalid, "Say whether “#{ask.words}” is true or false." unless [ true, false ].include?(sentence["true"])
            [ ask, sentence["true"] ]
          end
          distinct(sentences.map(&:first)) { |face| "“#{face.words}” stands twice." }
          { "sentences" => sentences.map { |ask, right| { "ask" => ask.to_h, "true" => right } } }
        end
      end
    end
  end
end
