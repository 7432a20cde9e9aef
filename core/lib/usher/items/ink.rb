require "digest"

module Usher
  module Items
    # A stroke of a pen or a highlighter. A new stroke arrives as it was drawn, with `points` in page
    # units and no box; the item finds its box and keeps the points relative to it, with the box's
    # first size as `span`, so that a resize only changes the box. A piece of a stroke keeps the numbers of the whole,
    # and `corner` says which of their places its box begins at.
    class Ink < Item
      include Redacted

      attribute :points, Types::Points.new
      attribute :corner, Types::List.new(Types::Number.new(-200_000..200_000), 2..2), default: [ 0, 0 ], spare: true
      attribute :span, Types::List.new(Types::Number.new(0..200_000), 2..2)
      attribute :width, Types::Number.new(0..200_000)
      attribute :height, Types::Number.new(0..200_000)
      attribute :colour, Types::Colour.new, default: Colour::INK
      attribute :stroke_width, Types::Number.new(Usher::Ink::STROKE_WIDTHS), default: 6
      attribute :nib, Types::Choice.new(*Usher::Ink::Nib::KINDS), default: "even"
      attribute :opacity, Types::Number.new(0.05..1), default: 1

      class << self
        def build(given)
          return super if given.key?("span")
          super(given.merge(boxed(Invalid.about("The stroke") { Types::Points.new.call(given["points"]) }))).kept.tap { |stroke| stroke.points.ready }
        end

        def restore(values) = super(values.merge("points" => Usher::Ink::Points.new(values["points"])))

        # Points in page units, as the values that depend on them.
        def boxed(points)
          box = Geometry::Box.around(points)
          left, top = box.x, box.y
          local = points.map { |x, y, pressure, ms| [ (x - left).round(2), (y - top).round(2), pressure, ms ] }
          size = [ box.width.round(2), box.height.round(2) ]
          { "points" => Usher::Ink::Points.new(local), "span" => size, "x" => box.x.round(2), "y" => box.y.round(2), "width" => size[0], "height" => size[1], "angle" => 0 }
        end
      end

      def draw
        return shown.map { |run| draw_line(placed[run]) }.join if nib == "even"
        return fill(@path || outlined.path) unless redacted?
        shown.map { |run| fill(Usher::Ink::Outline.new(placed[run], stroke_widths[run]).path) }.join
      end

      # The points that lie under these covers.
      def hidden_by(covers) = under(covers, placed.each_with_index.map { |(along, down), index| [ index, along, down ] })

      def label = opacity < 1 ? "Highlighting" : "Drawing"

      def counts? = false

      def filled(colour) = { "colour" => colour }

      # Milliseconds from the first point to the last.
      def duration = points.last[3]

      # What an Ink::Eraser leaves: new strokes with this one's pen, pressure and timing, or nil when
      # it passed by. Their ids follow from this one's, so that a take repeats the same.
      def cut(eraser)
        return if pinned == "all"
        return kept.cut(eraser) if nib == "lively"
        here = angle.zero? && plain?
        line = here ? points : Usher::Ink::Points.new(on_paper)
        left = here ? eraser.cut(line, x - corner[0], y - corner[1]) : eraser.cut(line)
        return unless left
        name = Digest::SHA256.hexdigest(id + left.flatten.pack("G*"))[0, 22]
        left.each_with_index.map { |stretch, index| piece("#{name}-#{index}", line, here, *stretch) }
      end

      # A lively stroke with the widths that it has, instead of what they came from: so it lies on a page from the
      # moment it is put there (those of earlier releases until they are cut), and a piece of it has no new ends.
      def kept
        return self unless nib == "lively"
        Ink.new(@values.merge("points" => Usher::Ink::Points.new(Usher::Ink::Nib.keep(points, pen, stroke_widths)), "nib" => "kept"), settled: true)
      end

      def outline(**) = Geometry::Polyline.new(Geometry::Polyline.simplify(smooth(on_paper)))

      def flipped(axis)
        middle = corner.zip(span).map { |from, size| from * 2 + size }
        { "points" => points.map { |x, y, *rest| axis == "across" ? [ (middle[0] - x).round(2), y, *rest ] : [ x, (middle[1] - y).round(2), *rest ] } }
      end

      # The same stroke drawn along the nearest of these straight edges (see Ink::StraightEdge).
      def ruled(edges)
        Ink.new(@values.merge(Ink.boxed(Usher::Ink::StraightEdge.draw(on_paper, edges, pen))), settled: true)
      end

      # The points in page units, as they lie now.
      def on_paper
        return points.map { |px, py, *rest| [ (px - corner[0] + x).round(2), (py - corner[1] + y).round(2), *rest ] } if angle.zero? && plain?
        placed.map { |px, py, *rest| [ *box.to_page(px, py).map { |n| n.round(2) }, *rest ] }
      end

      protected

      # With this path as its outline.
      def outlined_as(path) = tap { @path = path }

      private

      # Written as it is: numbers and a colour need no care.
      def fill(path) = %(<path d="#{path}" fill="#{colour}"#{%( opacity="#{Markup.number(opacity)}") if faint} transform="#{Usher::Ink::TRANSFORM}"/>)

      # Made once for each stroke, because what was just drawn is what is cut.
      def outlined = @outlined ||= Usher::Ink::Outline.new(placed, stroke_widths)
      def stroke_widths = @stroke_widths ||= Usher::Ink::Nib.stroke_widths(placed, pen, nib)

      # The points that are drawn, as ranges of their numbers.
      def shown
        return [ 0...points.size ] unless redacted?
        [ 0, *hidden.flatten, points.size ].each_slice(2).map { |from, to| from...to }.reject(&:none?)
      end

      def draw_line(points)
        Markup.tag("path", d: Usher::Ink::Curve.new(points).path, fill: "none", stroke: colour, opacity: faint, transform: Usher::Ink::TRANSFORM,
          "stroke-width": pen * Usher::Ink::FINE, "stroke-linecap": "round", "stroke-linejoin": "round")
      end

      # The middle of the stroke as it is drawn: curves from middle to middle (see Ink::Curve).
      def smooth(line)
        points = line.map { |x, y, *_| [ x, y ] }.chunk_while { |a, b| a == b }.map(&:first)
        return points if points.size < 3
        middles = points.each_cons(2).map { |a, b| [ (a[0] + b[0]) / 2.0, (a[1] + b[1]) / 2.0 ] }
        bends = middles.each_cons(2).with_index.flat_map do |(from, to), index|
          before, at, after = points[index, 3]
          next [ at, to ] if Usher::Ink::Turns.sharp?(at[0] - before[0], at[1] - before[1], after[0] - at[0], after[1] - at[1])
          Geometry::Polyline.bezier([ from, at, to ])
        end
        [ points.first, middles.first, *bends, points.last ]
      end

      # A stroke from a stretch of this line, which is in page units or, `here`, in those of this stroke, and then its
      # outline is part of this one's.
      def piece(name, line, here, from, to)
        part = line.stretch(from, to)
        left, top, right, bottom = part.bounds
        wide, high = (right - left).round(2), (bottom - top).round(2)
        along, down = here ? [ (left - corner[0]).round(2), (top - corner[1]).round(2) ] : [ left, top ]
        path = outlined.stretch(from, to, along, down) if here && nib != "even"
        along, down = (along + x).round(2), (down + y).round(2) if here
        values = @values.dup
        values["id"], values["points"], values["span"], values["stroke_width"] = name, part, [ wide, high ], worn
        values["x"], values["y"], values["width"], values["height"], values["angle"] = along, down, wide, high, 0
        left.zero? && top.zero? ? values.delete("corner") : values["corner"] = [ left, top ]
        Ink.new(values, settled: true).outlined_as(path)
      end

      # The stroke width as it is now, as a value.
      def worn = pen.round(2).clamp(Usher::Ink::STROKE_WIDTHS.begin, Usher::Ink::STROKE_WIDTHS.end)

      def faint = (opacity if opacity < 1)

      def plain? = (span[0] == width || span[0].zero?) && (span[1] == height || span[1].zero?)

      def scale = @scale ||= [ width, height ].zip(span).map { |now, was| was.zero? ? 1.0 : now / was.to_f }

      # The points in the units of the box.
      def placed
        return points if plain? && corner == [ 0, 0 ]
        @placed ||= points.map { |x, y, *rest| [ (x - corner[0]) * scale[0], (y - corner[1]) * scale[1], *rest ] }
      end

      # The pen grows with what it drew, by the mean of both directions.
      def pen = plain? ? stroke_width : stroke_width * Math.sqrt([ scale[0] * scale[1], 0.0001 ].max)
    end
  end
end
