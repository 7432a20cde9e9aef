module Usher
  module Formats
    module Slides
      # The values of a chart that belong together, and how they are shown.
      Chart::Series = Struct.new(
        :name,
        :values,   # numbers, nil where there is none
        :places,   # of "points": how far across each is
        :colours,  # one for all of its values, or one each
        :kind,     # where it is not that of the chart
        :edge,     # a Chart::Stroke about each bar, slice or area, nil for none
        :line,     # of "line": whether one is drawn
        :breadth,  # of that, in points
        :dots,     # of "line": their colours, one each; nil where there are none
        :second,   # whether its values are on the second axis
        :labels,   # what stands at each value: "value" or "share", nil for nothing
        :named,    # of "pie": whether its category stands there, too
        :apart,    # of "pie": how far each slice lies from the others, in shares of the radius; nil where none does
        :quiet,    # the numbers of values at which nothing stands
        :at,       # where it stands at a bar: "outEnd" (behind its tip), "inEnd", "ctr" or "inBase", nil for as usual
        :lettered, # Letters of that
        keyword_init: true
      ) do
        def initialize(line: true, breadth: BREADTH, quiet: [], **) = super

        # Whether something stands at the value with this number.
        def label?(index) = (labels || named) && !quiet.include?(index)

        def colour(index) = colours[index % colours.size]
      end
      Chart::Series::BREADTH = 2.25 # points, where nothing is said
    end
  end
end
