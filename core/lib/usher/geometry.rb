module Usher
  # Points, boxes and polylines, in page units; y grows downwards, angles in degrees clockwise.
  module Geometry
    autoload :Box, "usher/geometry/box"
    autoload :Clip, "usher/geometry/clip"
    autoload :Polyline, "usher/geometry/polyline"

    # A vector [x, y] rotated clockwise by `angle` degrees.
    def self.rotate((x, y), angle)
      sin, cos = Math.sin(angle * Math::PI / 180), Math.cos(angle * Math::PI / 180)
      [ x * cos - y * sin, x * sin + y * cos ]
    end
  end
end
