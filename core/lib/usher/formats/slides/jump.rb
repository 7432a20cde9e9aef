module Usher
  module Formats
    module Slides
      # What goes from a slide to another. to: the name under which its file knows that one, or one of STEPS.
      Jump = Struct.new(:to) do
        # The number of the slide it goes to from the one with this number, nil where there is none. names: { name => number } of all.
        def number(names, from)
          count = names.values.max.to_i
          names[to] || { "next" => from + 1, "previous" => from - 1, "first" => 1, "last" => count }[to]&.then { |number| number if number.between?(1, count) }
        end
      end
      Jump::STEPS = %w[next previous first last].freeze
    end
  end
end
