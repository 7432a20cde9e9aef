module Usher
  module Formats
    module Metafile
      # Parts of ellipses in a WMF (META_ARC, META_PIE, META_CHORD), said as points along them: in the SVG of libwmf they lie about
      # the corner of the page instead of their own middle. What else is in the file stays as it is.
      module Arcs
        ARC, PIE, CHORD, POLYLINE, POLYGON = 0x0817, 0x081A, 0x0830, 0x0325, 0x0324
        KINDS = [ ARC, PIE, CHORD ].freeze
        STEP = Math::PI / 60 # radians from point to point

        module_function

        # bytes: of a whole WMF. Answers with those of another.
        def said(bytes)
          records = Records.of(bytes)
          return bytes unless records.any? { |kind, _| KINDS.include?(kind) }
          Records.joined(records.map { |kind, record| KINDS.include?(kind) ? spoken(kind, record) : record })
        end

        # size, kind, where it ends (y, x) and begins, as seen from the middle, then bottom, right, top and left of the ellipse
        def spoken(kind, record)
          end_y, end_x, start_y, start_x, bottom, right, top, left = record.unpack("x6s<8")
          return record if left.nil? || left == right || top == bottom
          middle, radii = [ (left + right) / 2.0, (top + bottom) / 2.0 ], [ (right - left).abs / 2.0, (bottom - top).abs / 2.0 ]
          from, to = [ [ start_x, start_y ], [ end_x, end_y ] ].map { |x, y| Math.atan2((y - middle[1]) / radii[1], (x - middle[0]) / radii[0]) }
          points = along(middle, radii, from, to < from ? to : to - 2 * Math::PI)
          points << middle.map(&:round) if kind == PIE
          [ 4 + 2 * points.size, kind == ARC ? POLYLINE : POLYGON, points.size, *points.flatten ].pack("Vvs<*")
        end

        # From one angle to a lesser one, against the clock as y goes down.
        def along(middle, radii, from, to)
          steps = ((from - to) / STEP).ceil
          Array.new(steps + 1) { |step| (from + (to - from) * step / steps).then { |angle| [ middle[0] + radii[0] * Math.cos(angle), middle[1] + radii[1] * Math.sin(angle) ].map(&:round) } }.chunk_while { |one, other| one == other }.map(&:first) # not uniq: a whole ellipse ends where it began
        end
        private_class_method :spoken, :along
      end
    end
  end
end
