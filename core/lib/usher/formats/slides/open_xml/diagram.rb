module Usher
  module Formats
    module Slides
      # A diagram of which a file keeps only what is in it (ISO/IEC 29500-1, 21.4): its parts as its layout arranges them, which is
      # known by the first algorithm (21.4.7) and the first form that it names.
      class OpenXml::Diagram
        %w[Arrangement Line Nested Ring Snake Tree].each { |name| autoload name, "usher/formats/slides/open_xml/diagram/#{name.downcase}" }

        Part = OpenXml::Part
        Entry = Struct.new(:words, :parts) do
          # All that is below it, with how deep each lies: [[Entry, 1], ...].
          def below(depth = 1) = parts.flat_map { |part| [ [ part, depth ], *part.below(depth + 1) ] }
        end
        NODES, PARTS = [ nil, "node", "asst" ].freeze, [ nil, "parOf" ].freeze # kinds of its points, and of what joins them
        DEEPEST, MOST = 4, 60
        WAYS = { "snake" => :Snake, "lin" => :Line, "cycle" => :Ring, "hierChild" => :Tree, "hierRoot" => :Tree }.freeze # by algorithm

        # root: of the part with its data; layout: of that which says how they lie, or nil; colour: of its boxes; face: of its letters,
        # or nil. nil where nothing is written in it.
        def self.read(root, layout, colour, face: nil) = new(root, layout, colour, face).then { |diagram| diagram if diagram.any? }

        def initialize(root, layout, colour, face)
          @colour = colour
          points = Part.all(root, "ptLst", "pt").first(MOST * 4).to_h { |point| [ point["modelId"], point ] }
          @nodes = points.select { |_, point| NODES.include?(point["type"]) }
          @joined = Part.all(root, "cxnLst", "cxn").select { |one| PARTS.include?(one["type"]) && @nodes.key?(one["destId"]) }.sort_by { |one| one["srcOrd"].to_i }.group_by { |one| one["srcId"] }
          whole = points.find { |_, point| point["type"] == "doc" }&.first
          @entries = entries(whole, 0)
          @named = { face: face, turned: named(layout, "param", of: "rotPath").include?("alongPath"), algorithms: named(layout, "alg"), forms: named(layout, "shape").select { |name| Forms.known?(name) }, ways: named(layout, "param", of: "linDir") }
        end

        def any? = @entries.any?

        # Onto a Canvas, in a box in points.
        def draw(canvas, box)
          way = @named[:algorithms].filter_map { |name| WAYS[name] }.first || :Nested
          canvas.together { self.class.const_get(way).new(canvas, @colour, **@named).draw(@entries, box) }
        end

        private

        # The kinds of all elements of a name in the layout, in their order; of: the values of parameters of this kind instead.
        def named(layout, name, of: nil)
          all = layout ? layout.xpath(".//*[local-name()='#{name}']") : []
          all.reject { |node| node.ancestors.any? { |outer| outer.name == "sampData" } }.filter_map { |node| of ? (node["val"] if node["type"] == of) : node["type"] }
        end

        # What belongs to one of its points; of parts in which nothing is written, what belongs to them.
        def entries(id, depth)
          return [] if depth >= DEEPEST
          @joined.fetch(id, []).first(MOST).flat_map do |one|
            words, parts = written(@nodes[one["destId"]]), entries(one["destId"], depth + 1)
            words.empty? ? parts : [ Entry.new(words, parts) ]
          end
        end

        def written(point) = Part.all(point, "t", "p").map { |line| line.xpath(".//*[local-name()='t']").map(&:text).join }.join(" ").strip
      end
    end
  end
end
