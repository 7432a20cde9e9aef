module Usher
  module Formats
    module Slides
      # Presentations in OpenDocument (ISO/IEC 26300-1): each page with what lies on its master under it.
      class OpenDocument
        autoload :EnhancedPath, "usher/formats/slides/open_document/enhanced_path"
        autoload :Equations, "usher/formats/slides/open_document/equations"
        autoload :Grid, "usher/formats/slides/open_document/grid"
        autoload :Inks, "usher/formats/slides/open_document/inks"
        autoload :KeptChart, "usher/formats/slides/open_document/kept_chart"
        autoload :Node, "usher/formats/slides/open_document/node"
        autoload :NumberStyle, "usher/formats/slides/open_document/number_style"
        autoload :Styles, "usher/formats/slides/open_document/styles"
        autoload :Transform, "usher/formats/slides/open_document/transform"
        autoload :Tree, "usher/formats/slides/open_document/tree"
        autoload :Writing, "usher/formats/slides/open_document/writing"

        USUAL = [ 793.7, 446.5 ].freeze # points: 28 by 15.75 cm

        def initialize(archive)
          @archive = archive
          locked = archive.part?("META-INF/manifest.xml") && archive.bytes("META-INF/manifest.xml").to_s.include?("encryption-data")
          raise Invalid, "That presentation is locked with a password. Save it without one, then bring it in again. Nothing was changed." if locked
          @content, @common = Node.new(archive.xml("content.xml")), Node.new(archive.xml("styles.xml"))
          show = @content.at("body", "presentation") or raise Invalid, Archive::BROKEN
          @pages = show.all("page")
          # Styles of the same name may be another thing on masters.
          fonts = [ @content, @common ].map { |part| part.at("font-face-decls") }
          @styles = { page: @content, master: @common }.transform_values { |part| Styles.new(part.at("automatic-styles"), @common.at("styles"), *fonts) }
          @masters = (@common.at("master-styles")&.all("master-page") || []).to_h { |master| [ master["name"], master ] }
        end

        def count = @pages.size

        # See Slides.open.
        def slide(number)
          page = @pages.fetch(number - 1)
          master = @masters[page["master-page-name"]] || @masters.values.first
          size = size(master)
          canvas = Canvas.new(*size, number: number, names: names)
          colour, backdrop = ground(page, master)
          if master && @styles[:page].of("drawing-page", page["style-name"], "background-objects-visible") != "false"
            canvas.background { Tree.new(@archive, canvas, @styles[:master], backdrop: true, furniture: furniture(page, number)).draw(master) }
          end
          Tree.new(@archive, canvas, @styles[:page]).draw(page)
          canvas.paint(backdrop, bytes: (@archive.bytes(backdrop) if backdrop.is_a?(String)))
          canvas.finish(colour: colour, notes: notes(page), hidden: @styles[:page].of("drawing-page", page["style-name"], "visibility") == "hidden")
        end

        def copy(name, io) = @archive.copy(name, io)

        private

        # { the name of a page => its number }.
        def names = @names ||= @pages.each_with_index.to_h { |page, index| [ page["name"] || "page#{index + 1}", index + 1 ] }

        # What the page shows of its master's furniture: { "footer" => what stands there, ... } (ISO/IEC 26300-1, 20.283).
        def furniture(page, number)
          told = { "page-number" => number.to_s, "footer" => declared(page, "footer"), "date-time" => declared(page, "date-time"), "header" => declared(page, "header") }
          told.select { |role, words| words && @styles[:page].of("drawing-page", page["style-name"], "display-#{role}") == "true" }
        end

        def declared(page, role) = page["use-#{role}-name"]&.then { |name| @content.at("body", "presentation").all("#{role}-decl").find { |one| one["name"] == name }&.text }

        def size(master)
          layout = @common.at("automatic-styles")&.all("page-layout")&.find { |one| one["name"] == master&.[]("page-layout-name") }&.at("page-layout-properties")
          sides = %w[page-width page-height].map { |name| Node.points(layout&.[](name)) }
          sides.all? { |side| side&.between?(10, 10_000) } ? sides : USUAL
        end

        # The colour of the ground, and what lies over it: the archive's name of a picture, a Paint, or nil.
        def ground(page, master)
          [ [ page, :page ], [ master, :master ] ].each do |node, where|
            next unless node
            inks = painted(where, "drawing-page", node["style-name"]) || painted(where, "presentation", "#{node['name']}-background")
            next if inks.nil? || inks.kind == "none"
            photo = inks.photo(@archive.bytes(inks.picture)) if inks.picture && !inks.stretched?
            return [ inks.fill == "none" ? Colour::WHITE : Paint.mean([ inks.fill, Colour::WHITE ], [ inks.opacity, 1 - inks.opacity ]), photo || inks.picture || inks.paint ]
          end
          [ Colour::WHITE, nil ]
        end

        # The inks of a style that says how a ground is filled; nil where it does not.
        def painted(where, family, name) = (Inks.new(@styles[where], family, name).then { |inks| inks if inks.kind } if @styles[where].known?(family, name))

        def notes(page) = (page.at("notes")&.all("frame") || []).flat_map { |frame| frame.at("text-box")&.paragraphs || [] }.map(&:text).join("\n").strip
      end
    end
  end
end
