module Usher
  module Activities
    module Answering
      # Some of several options are chosen in each field. Answers: { field => [option, ...] }.
      # Move: { "field" => name, "option" => name, "chosen" => true or false }.
      class Choosing
        attr_reader :fields

        # fields: { field => names of its options }; many: whether more than one may be chosen.
        def initialize(fields, many: false)
          @fields, @many = fields, many
        end

        def accept(answers, move, _fixed = [])
          raise Invalid, "A move names a field and an option." unless move.is_a?(Hash)
          field, option = move.values_at("field", "option")
          raise Invalid, "That option is not in this activity." unless @fields[field]&.include?(option)
          was = answers.fetch(field, [])
          now = move.fetch("chosen", true) == true ? (@many ? was | [ option ] : [ option ]) : was - [ option ]
          now.empty? ? answers.except(field) : answers.merge(field => now)
        end

        def moves_to(answers) = answers.flat_map { |field, options| options.map { |option| { "field" => field, "option" => option } } }
      end
    end
  end
end
