module Usher
  module Page
    # Turns items and pages into SVG: the one drawing that board, devices, thumbnails, PDF and takes share.
    module Drawing
      # The number of the renderer: higher whenever the same item is drawn otherwise than before. Pages drawn by
      # an older one are drawn anew (see Page::Redrawing in the app).
      RENDERER = 7

      module_function

      # One item as a group that carries what the browser needs to handle it. seq: the number of the
      # operation that last changed the item. This string is what the app caches.
      def item(placed, seq)
        item = placed.item
        Markup.tag("g", {
          id: "item-#{item.id}", "data-item": item.id, "data-kind": item.class.kind, "data-seq": seq, "data-z": placed.z,
          "data-box": [ item.x, item.y, item.width, item.height, item.angle ].map { |n| Markup.number(n) }.join(" "),
          **item.hints.to_h { |name, value| [ :"data-#{name}", value ] }, role: "img", "aria-label": item.label, transform: transform(item)
        }, item.draw + Marks.draw(item))
      end

      # The same without what covers hide, nil where that is no different.
      def veiled(placed, seq) = placed.item.redacted.then { |item| item(Placed.new(item, placed.z), seq) unless item.equal?(placed.item) }

      # The page's ground. veil: parts of the paper's picture that are left blank (see Veil).
      def ground(style, veil: []) = Paper.of(style).veiled(veil).draw(style.fetch("colour"), Style.size(style))

      # A whole page as a document of its own, or the part of it in `view` ([x, y, width, height] in page
      # units). items: SVG strings from `item`, back to front; ground: false for none.
      # veil: as for `ground`. With a block, each picture's address (see Veil) is given to it and its answer
      # takes its place (print needs the bytes themselves, as a data address).
      def document(style, items, view: [ 0, 0, *Style.size(style) ], ground: true, veil: [])
        body = (ground ? ground(style, veil: veil) : "") + items.join
        body = body.gsub(/href="(#{Veil::ADDRESS})"/o) { %(href="#{Markup.escape(yield($1))}") } if block_given?
        Markup.tag("svg", { xmlns: "http://www.w3.org/2000/svg", viewBox: view.map { |n| Markup.number(n) }.join(" "), width: view[2], height: view[3] }, body)
      end

      def transform(item)
        move = "translate(#{Markup.number(item.x)} #{Markup.number(item.y)})"
        return move if item.angle.zero?
        "#{move} rotate(#{Markup.number(item.angle)} #{Markup.number(item.width / 2.0)} #{Markup.number(item.height / 2.0)})"
      end
    end
  end
end
