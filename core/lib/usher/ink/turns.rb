module Usher
  module Ink
    # Where a stroke turns sharply. Between such points it is smoothed (Ink::Curve); there it goes to the very point
    # and away from it. A turn by less than GENTLE is a bend, and so is one that smoothing would miss by less than
    # NEAR, as a shaking hand makes them. surface/turns.js says the same while ink is wet.
    module Turns
      GENTLE = 0.766 # cosine of 40 degrees
      NEAR = 1.0 # page units

      module_function

      # ax, ay: the leg to the point; bx, by: the leg from it; unit: how many of theirs a page unit is. Neither leg
      # may have no length.
      def sharp?(ax, ay, bx, by, unit = 1.0)
        one, other = Math.sqrt(ax * ax + ay * ay), Math.sqrt(bx * bx + by * by)
        cosine = (ax * bx + ay * by) / (one * other)
        return false if cosine >= GENTLE
        # Half way to the middle of the longer leg, times the sine of half the turn.
        (one > other ? one : other) / 4 * Math.sqrt((1 - cosine) / 2) > NEAR * unit
      end
    end
  end
end
