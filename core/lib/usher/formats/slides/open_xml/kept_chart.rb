module Usher
  module Formats
    module Slides
      # A chart with the numbers that are kept in it (ISO/IEC 29500-1, 21.2), as a Slides::Chart.
      module OpenXml::KeptChart
        Part = OpenXml::Part
        KINDS = { "barChart" => "column", "bar3DChart" => "column", "lineChart" => "line", "line3DChart" => "line", "areaChart" => "line", "area3DChart" => "line", "pieChart" => "pie", "pie3DChart" => "pie", "doughnutChart" => "pie", "ofPieChart" => "pie" }.freeze
        ACCENTS = 6

        module_function

        # root: of the chart's part. nil for a kind that is not drawn, or where nothing is kept.
        def read(root, inks)
          area = Part.at(root, "chart", "plotArea")
          drawn = area&.element_children&.find { |child| KINDS.key?(child.name) } or return
          kind = Part.at(drawn, "barDir")&.[]("val") == "bar" ? "bar" : KINDS.fetch(drawn.name)
          all = Part.all(drawn, "ser")
          categories = points(Part.at(all.first, "cat"))
          series = all.each_with_index.filter_map { |one, index| series(one, index, kind, inks) }
          return if series.empty?
          count = series.map { |one| one.values.size }.max
          Chart.new(kind, Array.new(count) { |index| categories[index].to_s }, series, title: title(root), stacked: %w[stacked percentStacked].include?(Part.at(drawn, "grouping")&.[]("val")), ink: ink(root, area, inks))
        end

        # The colour of its letters, as an axis or the whole says it.
        def ink(root, area, inks)
          said = [ *area.element_children.select { |child| child.name.end_with?("Ax") }, root ].filter_map { |node| Part.at(node, "txPr", "p", "pPr", "defRPr")&.then { |look| inks.fill(look) } }.first
          said && said != "none" ? said : Colour::INK
        end

        def series(node, index, kind, inks)
          values = points(Part.at(node, "val")).map { |value| Float(value, exception: false) }
          return if values.empty?
          own = inks.fill(Part.at(node, "spPr")) || inks.fill(Part.at(node, "spPr", "ln"))
          accents = (1..ACCENTS).map { |number| inks.of_theme("accent#{number}") || Chart::GREY }
          single = Part.all(node, "dPt").to_h { |point| [ Part.at(point, "idx")&.[]("val").to_i, inks.fill(Part.at(point, "spPr")) ] }.reject { |_, colour| [ nil, "none" ].include?(colour) }
          usual = ->(number) { kind == "pie" ? accents[number % ACCENTS] : (own unless own == "none") || accents[index % ACCENTS] }
          Chart::Series.new(name: points(Part.at(node, "tx")).first.to_s, values: values, colours: Array.new(values.size) { |number| single[number] || usual.(number) })
        end

        # What is kept of a list, in its order; nil where a place is empty.
        def points(holder)
          cache = holder&.at_xpath(".//*[local-name()='strCache' or local-name()='numCache']") or return []
          known = Part.all(cache, "pt").to_h { |point| [ point["idx"].to_i, Part.at(point, "v")&.text ] }
          known.empty? ? [] : Array.new([ known.keys.max + 1, Chart::MOST ].min) { |index| known[index] }
        end

        def title(root) = Part.at(root, "chart", "title").then { |node| node ? node.xpath(".//*[local-name()='t']").map(&:text).join(" ") : "" }
        private_class_method :series, :points, :title, :ink
      end
    end
  end
end
