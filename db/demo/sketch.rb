module Demo
  # Fills a page with items, in the words of the core, as one entry of its log.
  class Sketch
    attr_reader :items

    def self.fill(page, by:, &block)
      sketch = new.tap { |one| one.instance_exec(&block) }
      page.perform({ "verb" => "put", "items" => sketch.items }, id: SecureRandom.alphanumeric(20), by: by) if sketch.items.any?
    end

    def initialize = @items = []

    def title(text, y: 56, size: 68) = text(text, 80, y, 1440, size: size, font: "title", bold: true)

    def text(text, x, y, width, **more) = add("text", x: x, y: y, width: width, room: width, height: 0, text: text, size: 36, **more)

    def note(text, x, y, width = 360, height = 220, **more) = add("note", x: x, y: y, width: width, height: height, text: text, **more)

    def shape(kind, x, y, width, height, **more) = add(kind, x: x, y: y, width: width, height: height, **more)

    # From one place to another.
    def line(from, to, kind: "line", **more)
      (ax, ay), (bx, by) = from, to
      starts = [ bx < ax ? 1 : 0, by < ay ? 1 : 0 ]
      add(kind, x: [ ax, bx ].min, y: [ ay, by ].min, width: (bx - ax).abs, height: (by - ay).abs, ends: [ starts, starts.map { |share| 1 - share } ], **more)
    end

    # A drawn line through points, 16 ms apart.
    def ink(points, colour: "#231a1e", stroke_width: 6)
      @items << { "kind" => "ink", "id" => fresh, "colour" => colour, "stroke_width" => stroke_width, "nib" => "lively", "points" => points.each_with_index.map { |(x, y), index| [ x, y, nil, index * 16 ] } }
    end

    # A ring drawn by hand: not quite round, not quite closed.
    def ring(x, y, across, down, **more)
      ink((0..46).map { |step| t = step * 0.139 - 2.2; [ x + Math.cos(t) * (across + Math.sin(t * 2.3) * 4), y + Math.sin(t) * (down + Math.cos(t * 1.7) * 3) ] }, **more)
    end

    def picture(picture, x, y, width, alt)
      add("picture", x: x, y: y, width: width, height: (width * picture.height / picture.width).round(2), picture: picture.id, alt: alt)
    end

    def card(activity, x, y, width, height) = @items << { "kind" => "activity", "id" => fresh, "x" => x, "y" => y, "width" => width, "height" => height, **activity.card }

    # Any kind of item.
    def add(kind, **values) = @items << { "kind" => kind, "id" => fresh, **values.transform_keys(&:to_s) }

    private

    def fresh = SecureRandom.alphanumeric(20).downcase
  end
end
