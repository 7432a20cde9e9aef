module Usher
  module Tidy
    # The shapes that Tidy knows. A new one is a new file: `fit(sketch)` answers with a Fit or nil.
    module Shapes
      UPRIGHT = 3.0 # degrees; what is tilted less was meant to stand straight

      module_function

      def registry
        @registry ||= Registry.new(Shapes, File.join(__dir__, "shapes"), missing: "shape")
      end

      # An angle in degrees, straightened when it nearly is; every: how often the shape looks the same.
      def upright(angle, every: 90)
        nearest = (angle / every.to_f).round * every
        ((angle - nearest).abs < UPRIGHT ? nearest : angle).then { |turned| ((turned + 180) % 360 - 180).round(2) }
      end

      # Whether the sketch goes once along this line and not to and fro over it.
      def once?(sketch, length) = sketch.length.between?(0.65 * length, 1.2 * length)

      # The values of a box about a centre.
      def boxed(centre, width, height, angle)
        { "x" => (centre[0] - width / 2).round(2), "y" => (centre[1] - height / 2).round(2), "width" => width.round(2), "height" => height.round(2), "angle" => angle }
      end
    end
  end
end
