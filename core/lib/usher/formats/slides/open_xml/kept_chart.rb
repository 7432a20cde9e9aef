module Usher
  module Formats
    module Slides
      # A chart with the numbers that are kept in it (ISO/IEC 29500-1, 21.2), as a Slides::Chart.
      class OpenXml::KeptChart
        Part = OpenXml::Part
        KINDS = {
          "barChart" => "column", "bar3DChart" => "column", "lineChart" => "line", "line3DChart" => "line", "stockChart" => "line", "areaChart" => "area", "area3DChart" => "area", "scatterChart" => "points", "bubbleChart" => "points",
          "pieChart" => "pie", "pie3DChart" => "pie", "doughnutChart" => "pie", "ofPieChart" => "pie", "radarChart" => "web"
        }.freeze
        TOGETHER = %w[column line area].freeze # that share their axes
        DEEP, FROM_ABOVE = /3D/, { "pie3DChart" => 30 }.freeze # kinds that are seen from the side, and by how many degrees where nothing is said, else 15
        STACKED = { "stacked" => "sum", "percentStacked" => "share" }.freeze
        SIDES = { "r" => "right", "l" => "left", "t" => "top", "tr" => "right" }.freeze
        TITLE, MORE, AXIS_TITLE = 18.0, 1.2, 10.0 # points of its letters, how much larger than the others they are where those say something, and those of an axis's
        UNNAMED = "Chart Title".freeze # a title in which nothing is written says this
        ACCENTS, COLOURFUL = (1..6).map { |number| "accent#{number}" }, 2

        # root: of the chart's part; inks: Inks of the slide. nil for a kind that is not drawn, or where nothing is kept.
        def self.read(root, inks) = new(root, inks).chart

        def initialize(root, inks)
          @root, @inks = root, inks
          @area = Part.at(root, "chart", "plotArea")
          @groups = @area&.element_children.to_a.select { |child| KINDS.key?(child.name) }
        end

        def chart
          @main = @groups.first or return
          kind = kind_of(@main)
          shown = @groups.select { |group| group == @main || TOGETHER.include?(kind) && TOGETHER.include?(kind_of(group)) }
          nodes = shown.flat_map { |group| Part.all(group, "ser").map { |node| [ node, group ] } }
          series = nodes.each_with_index.filter_map { |(node, group), index| series(node, group, index, nodes.size) }
          return if series.empty?
          names = dated(nodes.map { |node, _| Part.at(node, "cat") }.compact.first)
          count = series.map { |one| one.values.size }.max
          Chart.new(kind, Array.new(count) { |index| names[index].to_s }, series, title: title(series), style: style(kind))
        end

        private

        def kind_of(group) = Part.at(group, "barDir")&.[]("val") == "bar" ? "bar" : KINDS.fetch(group.name)

        def value(node, *names) = Part.at(node, *names)&.[]("val")
        def yes?(node, *names) = Part.at(node, *names)&.then { |found| !%w[0 false].include?(found["val"]) }

        def series(node, group, index, count)
          values = points(Part.at(node, "val") || Part.at(node, "yVal")).map { |one| Float(one, exception: false) }
          return if values.empty?
          kind = kind_of(group)
          places = points(Part.at(node, "xVal")).map { |one| Float(one, exception: false) } if kind == "points"
          joined = group.name == "scatterChart" && @inks.fill(Part.at(node, "spPr", "ln")) != "none"
          colours = colours(node, kind, values.size, index, count)
          Chart::Series.new(name: points(Part.at(node, "tx")).first.to_s, values: values, places: (places if places&.any?), colours: colours, kind: joined ? "line" : (kind unless kind == kind_of(@main)),
            edge: edge(node), line: @inks.fill(Part.at(node, "spPr", "ln")) != "none", breadth: breadth(node) || Chart::Series::BREADTH, dots: dots(node, group, colours), second: second_axis && !axes_of(group).include?(first_axis) || nil, apart: (apart(node, values.size) if kind == "pie"), **labelled(node, group))
        end

        # How broad its line is, in points, and what is about its forms; nil where nothing is said.
        def breadth(node) = Part.at(node, "spPr", "ln")&.[]("w")&.then { |width| (width.to_f / OpenXml::POINT).clamp(0, 60) }

        def edge(node)
          colour = @inks.fill(Part.at(node, "spPr", "ln"))
          Chart::Stroke.new(colour, breadth(node) || 0.75) if colour && colour != "none"
        end

        # How far its slices lie apart.
        def apart(node, size)
          whole, single = number(node, "explosion"), Part.all(node, "dPt").to_h { |point| [ value(point, "idx").to_i, number(point, "explosion") ] }.compact
          Array.new(size) { |index| (single[index] || whole || 0).clamp(0, 400) / 100.0 } if whole || single.any?
        end

        # What stands at its values.
        def labelled(node, group)
          looks = label_looks(node, group)
          quiet = Part.all(node, "dLbls", "dLbl").select { |one| yes?(one, "delete") }.map { |one| value(one, "idx").to_i }
          { labels: (yes?(looks, "showPercent") ? "share" : ("value" if yes?(looks, "showVal")) if looks), named: yes?(looks, "showCatName"), quiet: quiet, at: value(looks, "dLblPos"), lettered: letters(looks) }
        end

        # Categories that are days are written as the axis says, or the list itself.
        def dated(holder)
          axis = Part.at(@area.element_children.find { |child| %w[catAx dateAx].include?(child.name) }, "numFmt")
          own = holder&.at_xpath(".//*[local-name()='numCache']/*[local-name()='formatCode']")&.text
          pattern = axis && !%w[1 true].include?(axis["sourceLinked"]) ? axis["formatCode"] : own
          return points(holder) unless own && Chart::Dates.format?(pattern)
          points(holder).map { |day| Float(day, exception: false)&.then { |number| Chart::Dates.say(number, pattern) } || day }
        end

        # The colours of the dots on a line, where it has some.
        def dots(node, group, colours)
          symbol = value(node, "marker", "symbol") || (yes?(group, "marker") ? "auto" : "none")
          own = @inks.fill(Part.at(node, "marker", "spPr"))
          own && own != "none" ? [ own ] : colours unless symbol == "none"
        end

        # One for each of its values: what a value says of itself, what all of them do, and the chart's own.
        def colours(node, kind, size, index, count)
          fill, line = @inks.fill(Part.at(node, "spPr")), @inks.fill(Part.at(node, "spPr", "ln"))
          own = (%w[line web].include?(kind) ? [ line, fill ] : [ fill, line ]).find { |one| one && one != "none" }
          single = Part.all(node, "dPt").to_h { |point| [ value(point, "idx").to_i, @inks.fill(Part.at(point, "spPr")) ] }.reject { |_, colour| [ nil, "none" ].include?(colour) }
          many = kind == "pie" || count == 1 && yes?(@main, "varyColors") && %w[column bar].include?(kind)
          Array.new(size) { |number| single[number] || (many ? automatic(number, size) : own || automatic(index, count)) }
        end

        # The colour of one of so many by the style of the chart: the accents of the theme in turn, or shades of one of them.
        def automatic(index, count)
          number = ((value(@root, "style") || value(@root, "AlternateContent", "Fallback", "style") || COLOURFUL).to_i - 1) % 8 + 1
          list = number == COLOURFUL ? ACCENTS : number == 1 ? %w[dk1] : [ "accent#{number - 2}" ]
          colour = @inks.of_theme(list[index % list.size]) || Chart::GREY
          Tints.shaded(colour, (index / list.size + 1.0) / ((count - 1) / list.size + 2) * 1.4 - 0.7)
        end


        def label_looks(node, group) = [ node, group ].filter_map { |one| Part.at(one, "dLbls") }.find { |one| !yes?(one, "delete") }

        # What is kept of a list, in its order; nil where a place is empty. Of words in several levels the innermost.
        def points(holder)
          cache = holder&.at_xpath(".//*[local-name()='strCache' or local-name()='numCache' or local-name()='lvl' or local-name()='strLit' or local-name()='numLit']") || (holder if Part.at(holder, "v")) or return []
          return [ Part.at(cache, "v").text ] if Part.at(cache, "v")
          known = Part.all(cache, "pt").to_h { |point| [ point["idx"].to_i, Part.at(point, "v")&.text ] }
          known.empty? ? [] : Array.new([ known.keys.max + 1, Chart::MOST ].min) { |index| known[index] }
        end

        def title(series)
          node = Part.at(@root, "chart", "title")
          said = written(node)
          return said unless said.empty?
          return UNNAMED if node && series.size > 1 && value(@root, "chart", "autoTitleDeleted") != "1"
          series.one? && (node || value(@root, "chart", "autoTitleDeleted") == "0") && value(@root, "chart", "autoTitleDeleted") != "1" ? series[0].name : ""
        end

        def written(title) = title ? title.xpath(".//*[local-name()='p']").map { |line| line.xpath(".//*[local-name()='t']").map(&:text).join }.join(" ").strip : ""

        # Degrees from above, nil for what is flat.
        def deep = (number(Part.at(@root, "chart", "view3D"), "rotX") || FROM_ABOVE.fetch(@main.name, 15) if @main.name.match?(DEEP))

        # How something is painted, where it says so.
        def painted(*names) = Part.at(@root, *names, "spPr")&.then { |properties| @inks.look(properties, nil) }

        def style(kind)
          axes = @area.element_children.select { |child| child.name.end_with?("Ax") }
          numbers, names = first_axis, axes.find { |axis| axis.name != "valAx" } || (axes - [ first_axis ]).first
          title, key = Part.at(@root, "chart", "title"), Part.at(@root, "chart", "legend")
          titles = { names: Part.at(names, "title"), numbers: Part.at(numbers, "title") }.reject { |_, node| yes?(node, "delete") }
          looks = { title: title_letters(title, TITLE, more: MORE), names: letters(names), numbers: letters(numbers), legend: letters(key), **titles.to_h { |axis, node| [ :"#{axis}_title", title_letters(node, AXIS_TITLE) ] } }
          Chart::Style.new(deep: deep, stacked: STACKED[value(@main, "grouping")], gap: (number(@main, "gapWidth") || 150).clamp(0, 500) / 100, overlap: (number(@main, "overlap") || 0).clamp(-100, 100) / 100,
            hole: (kind == "pie" && number(@main, "holeSize") || 0).clamp(0, 90) / 100.0, turn: number(@main, "firstSliceAng") || 0,
            plot: plot, ground: painted, wall: painted("chart", "plotArea"), legend: legend, legend_at: place(key),
            names: seen?(names), numbers: seen?(numbers), **ends(numbers), format: format_of(numbers), second: second_axis&.then { |axis| Chart::Second.new(**ends(axis), format: format_of(axis), numbers: seen?(axis)) },
            grid: grid(numbers), lines: { names: line_of(names), numbers: line_of(numbers) }, close: value(names, "tickLblPos") != "low", slope: slope(names), titles: titles.transform_values { |node| written(node) },
            letters: whole&.[]("sz")&.to_f&./(100)&.clamp(4, 60), ink: ink(axes), face: face([ whole ].compact) || @inks.font(nil)&.then { |name| Fonts.even(name) }, looks: looks)
        end

        def format_of(axis) = Part.at(axis, "numFmt")&.[]("formatCode")

        # From where to where an axis goes, and in which steps.
        def ends(axis) = { low: number(axis, "scaling", "min"), high: number(axis, "scaling", "max"), step: number(axis, "majorUnit") }

        # The axes that a group of series names, and of those of values the one of the first group and another.
        def axes_of(group) = Part.all(group, "axId").filter_map { |node| node["val"] }.then { |ids| Part.all(@area, "valAx").select { |axis| ids.include?(value(axis, "axId")) } }
        def first_axis = @first_axis ||= axes_of(@main).first || Part.all(@area, "valAx").first
        def second_axis = ((@groups.flat_map { |group| axes_of(group) } - [ first_axis ]).first unless kind_of(@main) == "points")

        def number(node, *names) = value(node, *names)&.then { |said| Float(said, exception: false) }
        def seen?(axis) = axis.nil? || !yes?(axis, "delete") && value(axis, "tickLblPos") != "none"
        def legend = Part.at(@root, "chart", "legend")&.then { |node| SIDES.fetch(value(node, "legendPos") || "r", "bottom") }

        # Where the file puts what lies between the axes, in shares of the whole.
        def plot
          place(@area) if value(@area, "layout", "manualLayout", "layoutTarget") == "inner"
        end

        def place(node)
          layout = Part.at(node, "layout", "manualLayout")
          return unless layout && %w[xMode yMode].all? { |mode| value(layout, mode) == "edge" }
          place = %w[x y w h].map { |side| number(layout, side) }
          place if place.all? { |share| share&.between?(0, 1) } && place.last(2).min > 0.05
        end

        # The colour of an axis's own line, nil where it says that there is none.
        def line_of(axis) = (@inks.fill(Part.at(axis, "spPr", "ln")) || Chart::GREY).then { |colour| colour unless colour == "none" }

        # The colour of the lines across, nil where there are none.
        def grid(axis)
          lines = Part.at(axis, "majorGridlines")
          colour = @inks.fill(Part.at(lines, "spPr", "ln"))
          colour == "none" ? nil : colour || Chart::GRID if lines || axis.nil?
        end

        # Degrees by which the words of an axis go up.
        def slope(axis) = Part.at(axis, "txPr", "bodyPr")&.[]("rot")&.then { |rot| -rot.to_f / 60_000 }&.then { |degrees| degrees if degrees.between?(-90, 90) }

        # How all letters look, and those of a part.
        def whole = Part.at(@root, "txPr", "p", "pPr", "defRPr")
        def own(node) = Part.at(node, "txPr", "p", "pPr", "defRPr")

        def letters(node) = own(node)&.then { |look| lettering([ look, whole ].compact) }

        def lettering(looks)
          ink = looks.filter_map { |look| @inks.fill(look) }.first
          Chart::Letters.new(size: said(looks, "sz")&.to_f&./(100)&.clamp(4, 60), bold: said(looks, "b")&.then { |bold| %w[1 true].include?(bold) }, ink: (ink unless ink == "none"), face: face(looks))
        end

        # One of Fonts, nil where nothing is said; one of the theme's is named by its role ("+mn-lt").
        def face(looks)
          name = looks.filter_map { |look| Part.at(look, "latin") }.first&.[]("typeface") or return
          Fonts.even(name.start_with?("+") ? @inks.font(name) : name)
        end

        def said(looks, name) = looks.filter_map { |look| look[name] }.first

        # Bold, and larger than the others, where nothing else is said.
        def title_letters(node, usual, more: 1)
          return unless node
          rich = Part.at(node, "tx", "rich", "p")
          looks = [ *Part.all(rich, "r").first(1).filter_map { |run| Part.at(run, "rPr") }, Part.at(rich, "pPr", "defRPr"), own(node) ].compact
          lettering([ *looks, whole ].compact).tap do |letters|
            letters.bold = true if said(looks, "b").nil?
            letters.size = (said([ whole ].compact, "sz")&.to_f&./(100)&.*(more) || usual).clamp(4, 60) if said(looks, "sz").nil?
          end
        end

        def ink(axes)
          found = [ whole, *axes.filter_map { |axis| own(axis) } ].compact.filter_map { |look| @inks.fill(look) }.first
          found && found != "none" ? found : Colour::INK
        end
      end
    end
  end
end
