module Usher
  module Formats
    module Slides
      # A chart with the table that is kept in it (ISO/IEC 26300-1, 11), as a Slides::Chart.
      class OpenDocument::KeptChart
        Node = OpenDocument::Node
        KINDS = { "chart:bar" => "column", "chart:line" => "line", "chart:area" => "area", "chart:circle" => "pie", "chart:ring" => "pie", "chart:radar" => "web", "chart:filled-radar" => "web", "chart:net" => "web" }.freeze
        SIDES = { "start" => "left", "top" => "top", "bottom" => "bottom" }.freeze
        RING = 0.5
        FROM_ABOVE = 30 # degrees, of what is seen from the side
        SECOND = "secondary-y".freeze
        FROM_TO = /\$?([A-Z]{1,3})\$?(\d{1,6})/
        MOST = 200 # columns or rows

        # root: Node of the object's own content; common: that of its styles, or nil. nil for a kind that is not drawn, or where
        # nothing is kept.
        def self.read(root, common = nil) = new(root, common).chart

        def initialize(root, common)
          @chart = root.at("body", "chart", "chart")
          @styles = OpenDocument::Styles.new(root.at("automatic-styles"), root.at("styles"), common&.at("styles"))
          @area = @chart&.at("plot-area")
        end

        def chart
          kind = KINDS[@chart&.[]("class")] or return
          kind = "bar" if kind == "column" && of(@area, "vertical") == "true"
          series = (@area&.all("series") || []).filter_map { |node| series(node, kind) }
          return if series.empty?
          count = series.map { |one| one.values.size }.max
          words = cells(@area.all("axis").filter_map { |axis| axis.at("categories")&.[]("cell-range-address") }.first)
          Chart.new(kind, Array.new(count) { |index| words[index].to_s }, series, title: written(@chart), style: style)
        end

        private

        def style
          numbers, names = %w[y x].map { |dimension| @area.all("axis").find { |axis| axis["dimension"] == dimension } }
          looks = { title: @chart.at("title"), legend: @chart.at("legend"), names: names, numbers: numbers, names_title: names&.at("title"), numbers_title: numbers&.at("title") }.transform_values { |node| lettering(node) }
          Chart::Style.new(deep: (FROM_ABOVE if of(@area, "three-dimensional") == "true"), stacked: of(@area, "percentage") == "true" ? "share" : ("sum" if of(@area, "stacked") == "true"), gap: share(of(numbers, "gap-width"), 1).clamp(0, 5), overlap: share(of(numbers, "overlap"), 0).clamp(-1, 1),
            hole: @chart["class"] == "chart:ring" ? RING : 0, plot: plot, ground: painted(@chart), wall: painted(@area.at("wall")), legend: @chart.at("legend")&.then { |node| SIDES.fetch(node["legend-position"], "right") },
            names: seen?(names), numbers: seen?(numbers), **ends(numbers), format: OpenDocument::NumberStyle.format(@styles, data_style(numbers)), second: second&.then { |axis| Chart::Second.new(**ends(axis), numbers: seen?(axis)) },
            grid: grid(numbers), lines: { names: line_of(names), numbers: line_of(numbers) }, close: of(names, "axis-label-position") != "outside-start", slope: slope(names), titles: { names: written(names), numbers: written(numbers) },
            letters: letters(numbers), ink: ink, face: face(@chart), looks: looks)
        end

        # Where what lies between the axes is, [left, top, width, height] in shares of the whole, which files say beyond the standard;
        # nil where they do not.
        def plot
          region, whole = @area.at("coordinate-region"), [ @chart.points("width"), @chart.points("height") ]
          return unless region && whole.all? { |side| side&.positive? }
          place = %w[x y width height].map { |name| region.points(name) }
          place.zip(whole * 2).map { |at, side| at / side }.then { |shares| shares if shares.all? { |share| share.between?(0, 1) } && shares.last(2).min > 0.05 } if place.all?
        end

        # The colour of the lines across, nil where there are none.
        def grid(axis) = axis&.at("grid").then { |lines| lines ? stroke(lines) || Chart::GRID : (Chart::GRID unless axis) }

        # The colour of an axis's own line, nil where there is none.
        def line_of(axis) = (stroke(axis) || Chart::GREY unless of(axis, "stroke") == "none")

        def stroke(node) = of(node, "stroke-color").to_s.downcase[/\A#\h{6}\z/]

        def data_style(node) = node && @styles.lineage("chart", node["style-name"]).filter_map { |style| style["data-style-name"] }.first

        # From where to where an axis goes, and in which steps.
        def ends(axis) = { low: "minimum", high: "maximum", step: "interval-major" }.transform_values { |name| of(axis, name)&.then { |said| Float(said, exception: false) } }

        def second = @area.all("axis").find { |axis| axis["name"] == SECOND }

        def share(said, usual) = Float(said, exception: false)&.fdiv(100) || usual
        def seen?(axis) = of(axis, "visible") != "false" && of(axis, "display-label") != "false"

        # The title of the whole, or of an axis.
        def written(node) = (node&.at("title")&.paragraphs || []).map(&:text).join(" ").strip

        # How something is painted, where it says so.
        def painted(node) = (OpenDocument::Inks.new(@styles, "chart", node["style-name"]).look if of(node, "fill") || of(node, "stroke"))

        # Degrees by which the words of an axis go up; nil where it leaves that open.
        def slope(axis) = of(axis, "rotation-angle")&.then { |said| Float(said, exception: false) }&.then { |turn| turn > 180 ? turn - 360 : turn }&.then { |turn| turn if turn.between?(-90, 90) && turn.nonzero? }

        def letters(node) = wording(node, "font-size")[/\A([\d.]+)pt\z/, 1]&.to_f&.clamp(4, 60)

        def lettering(node) = (Chart::Letters.new(size: letters(node), bold: wording(node, "font-weight") == "bold", ink: wording(node, "color").downcase[/\A#\h{6}\z/], face: face(node)) if node)

        # One of Fonts, nil where nothing is said.
        def face(node) = wording(node, "font-family").delete("'").then { |name| Fonts.even(name) unless name.empty? }

        def wording(node, name) = node ? @styles.lineage("chart", node["style-name"]).filter_map { |style| OpenDocument::Styles.said(style, name, words: true) }.first.to_s : ""

        def labels(node) = { "value" => "value", "percentage" => "share", "value-and-percentage" => "value" }[of(node, "data-label-number")]

        def of(node, attribute) = node && @styles.of("chart", node["style-name"], attribute)

        def series(node, kind)
          values = cells(node["values-cell-range-address"]).map { |value| Float(value, exception: false) }
          return if values.compact.empty?
          own = colour(node, kind)
          single = node.all("data-point").flat_map { |point| [ colour(point, kind) ] * (point["repeated"] || 1).to_i.clamp(1, Chart::MOST) }
          colours = Array.new(values.size) { |index| single[index] || own || Chart::GREY }
          Chart::Series.new(name: cells(node["label-cell-address"]).first.to_s, values: values, colours: colours, edge: edge(node), breadth: breadth(node) || Chart::Series::BREADTH, labels: labels(node), apart: (apart(node, values.size) if kind == "pie"), second: node["attached-axis"] == SECOND && second ? true : nil, dots: (colours unless [ nil, "none" ].include?(of(node, "symbol-type") || of(@area, "symbol-type"))))
        end

        # How far its slices lie apart, in shares of the radius; nil where none does.
        def apart(node, size)
          single = node.all("data-point").flat_map { |point| [ share(of(point, "pie-offset"), nil) ] * (point["repeated"] || 1).to_i.clamp(1, Chart::MOST) }
          whole = share(of(node, "pie-offset"), nil)
          Array.new(size) { |index| (single[index] || whole || 0).clamp(0, 4) } if whole || single.any?
        end

        # How broad its line is, in points, and what is about its forms; nil where nothing is said.
        def breadth(node) = Node.points(of(node, "stroke-width"))&.then { |width| width.clamp(0, 60) if width.positive? }
        def edge(node) = (Chart::Stroke.new(stroke(node), breadth(node) || 0.75) if of(node, "stroke") == "solid" && stroke(node))

        def colour(node, kind)
          return stroke(node) if %w[line web].include?(kind)
          OpenDocument::Inks.new(@styles, "chart", node["style-name"]).fill.then { |fill| fill unless fill == "none" }
        end

        # That of the letters on its axes.
        def ink
          lettering(@area.all("axis").first)&.ink || Colour::INK
        end

        # What stands in the cells from one to another ("local-table.$B$2:.$B$5"), row by row.
        def cells(address)
          ends = address.to_s.scan(FROM_TO).map { |letters, number| [ number.to_i - 1, letters.each_char.reduce(0) { |sum, letter| sum * 26 + letter.ord - 64 } - 1 ] }
          return [] if ends.empty?
          rows, columns = [ ends.first, ends.last ].transpose.map { |one, other| (one..other).first(MOST) }
          rows.flat_map { |row| columns.map { |column| table.dig(row, column) } }
        end

        # Its rows, each a list of what the cells say.
        def table
          @table ||= begin
            kept = @chart.at("table")
            rows = kept ? [ *kept.all("table-header-rows"), *kept.all("table-rows"), kept ].flat_map { |part| part.all("table-row") } : []
            rows.first(MOST).map { |row| row.all("table-cell").flat_map { |cell| [ cell["value"] || cell.paragraphs.map(&:text).join(" ") ] * (cell["number-columns-repeated"] || 1).to_i.clamp(1, MOST) }.first(MOST) }
          end
        end
      end
    end
  end
end
