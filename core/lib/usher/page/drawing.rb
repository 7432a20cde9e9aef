module Usher
  module Page
    # Turns items and pages into SVG: the one drawing that board, devices, thumbnails, PDF and takes share.
    module Drawing
      # The number of the renderer: higher whenever the same item is drawn otherwise than before. Pages drawn by
      # an older one are drawn anew (see Page::Redrawing in the app).
      RENDERER = 13
      IMAGE = %r{<image [^>]*?href="#{Veil::ADDRESS}"[^>]*?(?:/>|></image>)}

      module_function

      # One item as a group that carries what the browser needs to handle it. seq: the number of the
      # operation that last changed the item. This string is what the app caches.
      # What is made of numbers and ids alone is written as it is: an eraser may ask for hundreds (bench/erase).
      def item(placed, seq)
        item = placed.item
        x, y = Markup.number(item.x), Markup.number(item.y)
        box = "#{x} #{y} #{Markup.number(item.width)} #{Markup.number(item.height)} #{Markup.number(item.angle)}"
        own = %(id="item-#{item.id}" data-item="#{item.id}" data-kind="#{item.class.kind}" data-seq="#{seq}" data-z="#{Markup.number(placed.z)}" data-box="#{box}")
        more = Markup.attributes(item.hints, "data-")
        %(<g #{own}#{more} role="img" aria-label="#{Markup.escape(item.label)}" transform="#{transform(item, x, y)}">#{item.draw}#{Marks.draw(item)}</g>)
      end

      # The same without what covers hide, nil where that is no different.
      def veiled(placed, seq) = placed.item.redacted.then { |item| item(Placed.new(item, placed.z), seq) unless item.equal?(placed.item) }

      # The page's ground. veil: parts of the paper's picture that are left blank (see Veil).
      def ground(style, veil: []) = Paper.of(style).veiled(veil).draw(style.fetch("colour"), Style.size(style))

      # A whole page as a document of its own, or the part of it in `view` ([x, y, width, height] in page
      # units). items: SVG strings from `item`, back to front; ground: false for none.
      # veil: as for `ground`. With a block, each picture's address (see Veil) is given to it and its answer
      # takes its place (print needs the bytes themselves, as a data address; a drawing is put in as it is).
      def document(style, items, view: [ 0, 0, *Style.size(style) ], ground: true, veil: [], &addresses)
        body = (ground ? ground(style, veil: veil) : "") + items.join
        body = embedded(body, &addresses) if addresses
        Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", viewBox: view.map { |n| Markup.number(n) }.join(" "), width: view[2], height: view[3] }, body)
      end

      # Drawings of a page with the pictures in them: the block is given the address of each, and answers with that of its bytes.
      def embedded(body) = body.gsub(IMAGE).with_index { |image, number| shown(image, yield(image[/href="([^"]*)"/, 1]), "d#{number}-") }

      def shown(image, address, name)
        return Formats::Svg::Inlined.draw(image, address, name) if address.start_with?(Formats::Svg::Inlined::DATA)
        image.sub(/href="[^"]*"/) { %(href="#{Markup.escape(address)}") }
      end

      # x, y: of the item, as they are written.
      def transform(item, x = Markup.number(item.x), y = Markup.number(item.y))
        move = "translate(#{x} #{y})"
        return move if item.angle.zero?
        "#{move} rotate(#{Markup.number(item.angle)} #{Markup.number(item.width / 2.0)} #{Markup.number(item.height / 2.0)})"
      end
      private_class_method :shown
    end
  end
end
