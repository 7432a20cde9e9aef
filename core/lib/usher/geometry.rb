module Usher
  # Boxes and points, in page units; y grows downwards, angles in degrees clockwise.
  module Geometry
    autoload :Box, "usher/geometry/box"
    autoload :Way, "usher/geometry/way"

    # A vector [x, y] turned clockwise by `angle` degrees.
    def self.turn((x, y), angle)
      sin, cos = Math.sin(angle * Math::PI / 180), Math.cos(angle * Math::PI / 180)
      [ x * cos - y * sin, x * sin + y * cos ]
    end
  end
end
