require "zlib"

module Usher
  module Veil
    # What was rubbed out of a picture, as one part of it (see Veil): of CELLS by CELLS cells those that lie wholly within, a
    # bit each, row by row, packed and written with letters that an address may hold. So what is left of it in the file is
    # a seam narrower than a cell.
    module Grid
      CELLS = 128
      SIDE = 2 * CELLS + 1 # points at which it is asked, to a side: corners, middles and centres of cells
      LETTERS = /\Ag[\w-]{1,4000}\z/
      THIN = 4 # points nearer to each other than this part of the radius say nothing new

      module_function

      # sweeps: as Items::Picture keeps them. Answers with the part, or nil where no cell lies within.
      def of(sweeps)
        within = Array.new(SIDE * SIDE, false)
        sweeps.each { |sweep| mark(within, sweep) }
        bits = Array.new(CELLS * CELLS) { |cell| blank?(within, *cell.divmod(CELLS)) ? "1" : "0" }.join
        "g#{[ Zlib.deflate([ bits ].pack("B*"), Zlib::BEST_COMPRESSION) ].pack('m0').tr('+/', '-_').delete('=')}" if bits.include?("1")
      end

      # Runs of blank cells out of a part: [[row, from, to], ...] (to: left out). Raises Invalid.
      def runs(part)
        bits = unpack(part)
        (0...CELLS).flat_map do |row|
          bits[row * CELLS, CELLS].to_enum(:scan, /1+/).map { Regexp.last_match.then { |run| [ row, run.begin(0), run.end(0) ] } }
        end
      end

      def unpack(part)
        raise Invalid, "That is no part of a picture." unless LETTERS.match?(part)
        bytes = Zlib::Inflate.inflate(part[1..].tr("-_", "+/").unpack1("m")) # three megabytes at most, of so few letters
        raise Invalid, "That is no part of a picture." unless bytes.bytesize == CELLS * CELLS / 8
        bytes.unpack1("B*")
      rescue Zlib::Error
        raise Invalid, "That is no part of a picture."
      end

      # Marks the points within a sweep.
      def mark(within, sweep)
        radius, steps = sweep["stroke_width"] / 2.0, sweep["span"].map { |side| side / (SIDE - 1.0) }
        line = thinned(sweep["points"], radius / THIN)
        (line.size > 1 ? line : line * 2).each_cons(2) do |a, b|
          columns, rows = [ 0, 1 ].map { |axis| reach(a[axis], b[axis], radius, steps[axis]) }
          rows.each { |row| columns.each { |column| within[row * SIDE + column] ||= near?([ column * steps[0], row * steps[1] ], a, b, radius) } }
        end
      end

      def thinned(points, least)
        points.each_with_object([]) { |point, kept| kept << point if kept.empty? || point.equal?(points.last) || Math.hypot(point[0] - kept.last[0], point[1] - kept.last[1]) >= least }
      end

      # Which points of the grid a sweep between two places may reach, along one axis.
      def reach(from, to, radius, step) = (([ from, to ].min - radius) / step).ceil.clamp(0, SIDE - 1)..(([ from, to ].max + radius) / step).floor.clamp(-1, SIDE - 1)

      def near?((x, y), (ax, ay), (bx, by), radius)
        dx, dy = bx - ax, by - ay
        square = dx * dx + dy * dy
        share = square.zero? ? 0 : (((x - ax) * dx + (y - ay) * dy) / square.to_f).clamp(0, 1)
        (x - ax - dx * share)**2 + (y - ay - dy * share)**2 <= radius * radius
      end

      # Whether all that is asked of a cell lies within.
      def blank?(within, row, column)
        (0..2).all? { |down| within[(2 * row + down) * SIDE + 2 * column, 3].all? }
      end
    end
  end
end
