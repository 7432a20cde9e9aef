module Usher
  module Activities
    # What can be made of what lies on a page: gaps from a text, pairs from columns, an order from a list, labels from
    # texts on a picture, things to find from shapes drawn over one. Each finder is a file in activities/found.
    module Found
      Dir[File.join(__dir__, "found/*.rb")].each { |file| autoload File.basename(file, ".rb").split("_").map(&:capitalize).join.to_sym, file }

      # kind: name of a kind; from: the id of an item it comes from; title: what it may be called; rows, text, picture,
      # settings: as Kind.from_form takes them.
      Proposal = Struct.new(:kind, :from, :title, :rows, :text, :picture, :settings, keyword_init: true)

      module_function

      # items: those of the core on a page, back to front; lines: the printed words of pictures, where they are known:
      # { number => [[left, top, width, height, words], ...] } in shares. Answers with Proposals.
      def on(items, lines = {}) = [ Text, Columns, Listed, Labels.with(lines), Areas ].flat_map { |finder| finder.on(items) }

      # The written items, from top to bottom and left to right.
      def written(items) = items.select { |item| item.is_a?(Items::Written) && item.words.strip != "" }.sort_by { |item| [ item.box.y, item.box.x ] }

      # The first words of a text, for a title.
      def glimpse(text, longest = 32) = text.split.each_with_object([]) { |word, line| [ *line, word ].join(" ").length > longest ? (return line.join(" ")) : line << word }.join(" ")

      # Where a point lies on a picture, as shares of its width and height; nil outside.
      def on_picture(picture, point)
        x, y = picture.box.to_local(point)
        shares = [ x / picture.width, y / picture.height ]
        shares.map { |share| share.round(4) } if shares.all? { |share| share.between?(0, 1) }
      end

      def face_of(picture) = { "picture" => picture.picture, "alt" => picture.alt.to_s }.reject { |_, value| value == "" }
    end
  end
end
