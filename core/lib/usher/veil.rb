module Usher
  # The parts of a picture that lie under covers, which devices get blank: for each cover its four corners
  # in shares of the picture, clockwise, as [x, y, x, y, x, y, x, y]; and what was rubbed out of it, as one Grid.
  # Where it is shown they are part of the picture's address, so that what devices may have is said by the drawing alone.
  module Veil
    autoload :Grid, "usher/veil/grid"

    MOST = 40 # covers; under more of them all of it is blank
    WHOLE = [ [ 0, 0, 1, 0, 1, 1, 0, 1 ] ].freeze
    TYPE = Types::List.new(Types::List.new(Types::Number.new(-1e6..1e6, digits: 4), 8..8), 0..MOST)
    PARTS = /[-\w.,;]+/
    ADDRESS = %r{/pictures/(\d+)(?:/under/(#{PARTS}))?}

    module_function

    # covers: boxes of the covers (Geometry::Box); box: of what shows the picture. The block maps a point
    # of the page, [x, y], to shares of the picture.
    def of(covers, box, &share)
      over = covers.select { |cover| cover.meets?(box) }
      over.size > MOST ? WHOLE : over.map { |cover| cover.corners.flat_map(&share).map { |n| n.to_f.round(4) } }
    end

    # The address of the store room's picture with this number and these parts blank.
    def address(picture, parts = []) = parts.empty? ? "/pictures/#{picture}" : "/pictures/#{picture}/under/#{parts.map { |part| Array(part).join(',') }.join(';')}"

    # The inverse: [number, parts], or nil for what is no such address.
    def read(address)
      _, number, parts = *address.match(/\A#{ADDRESS}\z/o)
      return unless number
      grids, quads = parts.to_s.split(";").partition { |part| part.start_with?("g") }
      grids.each { |grid| Grid.unpack(grid) }
      [ number.to_i, TYPE.call(quads.map { |part| part.split(",").map { |n| Float(n, exception: false) } }) + grids.first(1) ]
    rescue Invalid
      nil
    end

    # The picture with its blank parts as an SVG document. href: its bytes as a data address; width, height:
    # its size in any unit.
    def draw(href, width, height, parts)
      grids, quads = parts.partition { |part| part.is_a?(String) }
      blanks = quads.map do |part|
        Markup.tag("polygon", points: part.each_slice(2).map { |x, y| "#{Markup.number(x * width)},#{Markup.number(y * height)}" }.join(" "), fill: Colour::WHITE)
      end
      blanks.concat(grids.map { |grid| cells(grid, width / Grid::CELLS.to_f, height / Grid::CELLS.to_f) })
      Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", viewBox: "0 0 #{width} #{height}", width: width, height: height },
        Markup.tag("image", { href: href, width: width, height: height, preserveAspectRatio: "none" }) + blanks.join)
    end

    # The blank cells of a grid, as one path.
    def cells(grid, wide, high)
      runs = Grid.runs(grid).map { |row, from, to| "M#{Markup.number(from * wide)} #{Markup.number(row * high)}H#{Markup.number(to * wide)}V#{Markup.number((row + 1) * high)}H#{Markup.number(from * wide)}Z" }
      Markup.tag("path", d: runs.join, fill: Colour::WHITE, "shape-rendering": "crispEdges")
    end
  end
end
