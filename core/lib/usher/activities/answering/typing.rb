module Usher
  module Activities
    module Answering
      # Words are typed into fields. Answers: { field => text }. Move: { "field" => name, "text" => text }; an empty
      # text empties the field.
      class Typing
        LONGEST = 120
        TEXT = Types::Line.new(LONGEST)

        def initialize(fields)
          @fields = fields
        end

        def accept(answers, move, _fixed = [])
          raise Invalid, "A move names a field and what is typed there." unless move.is_a?(Hash)
          field = move["field"]
          raise Invalid, "That field is not in this activity." unless @fields.include?(field)
          text = Invalid.about("What you typed") { TEXT.call(move["text"]) }.strip
          text.empty? ? answers.except(field) : answers.merge(field => text)
        end

        def moves_to(answers) = answers.map { |field, text| { "field" => field, "text" => text } }
      end
    end
  end
end
