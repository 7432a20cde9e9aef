module Usher
  module Formats
    module Slides
      # The forms that files only name (ISO/IEC 29500-1, 20.1.10.56), as outlines. Each is drawn by a Pen; how they are bent
      # and what is usual is the standard's.
      module Presets
        autoload :Pen, "usher/formats/slides/presets/pen"
        GROUPS = %w[basic corners round braces arrows flow seals ribbons callouts signs].freeze

        class << self
          # name: of the form; bent: { adjustment => what is usual, in shares of 100,000ths }. The block draws with a Pen.
          def draws(name, **bent, &drawing) = (@forms ||= {})[name] = [ bent, drawing ]

          # What draws a form, for others that have it as a part.
          def drawing(name) = forms.fetch(name).last

          def names = forms.keys
          def known?(name) = forms.key?(name)

          # An Outline in shares of the box. width, height: its sides, in any unit; bends: as the file says them, in shares.
          def outline(name, width, height, bends = {})
            pen = drawn(name, width, height, bends)
            pen.outline.tap { |outline| outline.parts.each { |part| part.points.map! { |x, y| [ x / pen.w, y / pen.h ] } } }
          end

          # Where words stand in it, [left, top, right, bottom] in shares (20.1.9.22); nil where all of it is for them.
          def area(name, width, height, bends = {})
            pen = drawn(name, width, height, bends)
            pen.area&.zip([ pen.w, pen.h ] * 2)&.map { |place, side| (place / side).clamp(0.0, 1.0) }
          end

          private

          def drawn(name, width, height, bends)
            usual, drawing = forms.fetch(name)
            Pen.new(*[ width, height ].map { |side| [ side.to_f, 0.001 ].max }, usual.to_h { |bend, value| [ bend.to_s, bends[bend.to_s] || (bends["adj"] if bend == :adj1) || value ] }).tap { |pen| pen.instance_exec(&drawing) }
          end

          def forms
            @loaded ||= GROUPS.each { |group| require "usher/formats/slides/presets/#{group}" }
            @forms
          end
        end
      end
    end
  end
end
