module Usher
  # Makes an exact shape of a hand-drawn one: of the same size, in the same place, at the same tilt.
  # What is no such shape stays as it was drawn: letters, digits, scribbles.
  #
  # Every shape in tidy/shapes fits itself to the sketch and says how far off the sketch is; the one
  # that is least off wins, when it is near enough.
  module Tidy
    # A sketch further off than this share of its size is no such shape.
    NEAR = 0.034

    autoload :Fit, "usher/tidy/fit"
    autoload :Path, "usher/tidy/path"
    autoload :Sides, "usher/tidy/sides"
    autoload :Sketch, "usher/tidy/sketch"
    autoload :Shapes, "usher/tidy/shapes"

    # How near to each other strokes of one drawing lie, as a share of their size.
    TOGETHER = 0.15

    # Strokes sorted into drawings: those that touch or nearly do belong together, so that the bars of a
    # letter are not read one by one. boxes: Geometry::Box for each stroke. Answers with lists of indexes.
    def self.drawings(boxes)
      boxes.each_index.each_with_object([]) do |index, groups|
        near, far = groups.partition { |group| group.any? { |other| reach(boxes[other]).meets?(reach(boxes[index])) } }
        groups.replace([ *far, [ *near.flatten, index ].sort ])
      end
    end

    def self.reach(box)
      margin = Math.hypot(box.width, box.height) * TOGETHER / 2
      Geometry::Box.new(box.x - margin, box.y - margin, box.width + 2 * margin, box.height + 2 * margin, 0)
    end
    private_class_method :reach

    # strokes: [[[x, y, ...], ...], ...] in page units, in the order they were drawn. Answers with a
    # Fit, or nil where they should stay as they are.
    def self.read(strokes)
      sketch = Sketch.new(strokes)
      return if sketch.tiny?
      fits = Shapes.registry.filter_map { |_name, shape| shape.fit(sketch) }
      fits.select(&:near?).min_by(&:error)
    end
  end
end
