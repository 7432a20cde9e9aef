module Usher
  module Formats
    module Slides
      # How a chart looks, where its file says it. Its axes are the one with `names` (of categories) and that with `numbers` (of values).
      Chart::Style = Struct.new(
        :stacked,   # nil, "sum" or "share"
        :gap,       # between the bars of two categories, in breadths of a bar
        :overlap,   # of the bars of one category, the same
        :hole,      # of slices, in shares of the whole
        :turn,      # degrees clockwise from the top to the first slice
        :deep,      # degrees from above under which it is seen, nil for what is flat
        :plot,      # where the file puts what lies between the axes: [left, top, width, height] in shares of the whole, or nil
        :ground,    # a Look of what lies behind all of it, or nil
        :wall,      # the same behind the plot
        :legend,    # "right", "bottom", "left", "top" or nil
        :legend_at, # where the file puts it, as plot
        :names,     # whether there are words at their axis
        :numbers,   # whether there are numbers at theirs
        :low,       # the axis of numbers: from where, nil for what fits
        :high,      # to where
        :step,      # and in which steps
        :format,    # of its numbers, as a spreadsheet says it
        :second,    # a Chart::Second, or nil
        :grid,      # the colour of the lines across, nil for none
        :lines,     # { names:, numbers: the colours of these axes' own lines, nil for none }
        :close,     # whether the words stand at the axis itself, where values lie below it too
        :slope,     # degrees by which the words go up, nil for what fits
        :titles,    # { names:, numbers: what these axes are called }
        :letters,   # points
        :ink,       # the colour of words
        :face,      # theirs: one of Fonts, or nil
        :looks,     # { title:, names:, numbers:, legend:, names_title:, numbers_title: Letters of those }
        keyword_init: true
      ) do
        def initialize(gap: 0.5, overlap: 0, hole: 0, turn: 0, names: true, numbers: true, grid: Chart::GRID, lines: { names: Chart::GREY, numbers: Chart::GREY }, close: true, titles: {}, ink: Colour::INK, looks: {}, **) = super
      end
    end
  end
end
