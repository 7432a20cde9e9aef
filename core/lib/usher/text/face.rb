require "ttfunk"

module Usher
  module Text
    # One font file, asked for widths. All measures in ems, so that size is a factor. What it has no
    # glyph for is measured by the first of its fallbacks that has one, as browsers and print draw it. figures: the
    # Face that its figures come from, nil for itself.
    class Face
      def initialize(path, fallbacks: [], figures: nil)
        @file = TTFunk::File.open(path)
        @map = @file.cmap.unicode.first
        @em = @file.header.units_per_em.to_f
        @faces = [ self, *fallbacks ]
        @figures = figures
        @advances = {}
      end

      # The width of a line of text in ems. No kerning: it makes ordinary text 0.25 % too wide, never too narrow.
      def width(text) = text.each_char.sum { |char| advance(char) }

      # The width of one character in ems; marks that sit on the letter before have none, nor has what is not seen.
      def advance(char) = @advances[char] ||= measure(char)

      def covers?(char) = @map[char.ord] != 0

      private

      def measure(char)
        return 0.0 if char.match?(/[\p{Mn}\p{Default_Ignorable_Code_Point}]/)
        return @figures.own(char) if @figures && char.between?("0", "9")
        (@faces.find { |one| one.covers?(char) } || self).own(char)
      end

      protected

      def own(char) = @file.horizontal_metrics.for(@map[char.ord]).advance_width / @em
    end
  end
end
