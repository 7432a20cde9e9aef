module Usher
  module Takes
    # Takes of earlier releases: one file with every page as it was at the start and all that happened. Read as
    # what a film is cut from.
    class Reel
      # reel: as it was stored, lifted (Documents, :reel). The block keeps a drawing ({ "id", "z", "svg", "ink" }
      # on a page) and answers with its number.
      def initialize(reel, &cel)
        @reel, @cel = reel, cel
        @pages = reel["pages"].to_h { |page, start| [ page.to_i, { "size" => start["size"] || Page::SIZE, "ground" => start["ground"], "stack" => entries(page.to_i, start["items"]) } ] }
      end

      # A Film::Cutter over it.
      def cutter
        opening = turned_to(@reel["opening"]).merge("wet" => [], "shown" => {})
        Film::Cutter.new(opening: opening, events: @reel["events"].sort_by.with_index { |event, index| [ event["at"], index ] }.flat_map { |event| play(event) }, length: @reel["length"],
          trail: @reel["trail"].map { |entry| entry.values_at("at", "page", "x", "y").compact })
      end

      private

      # A turn shows the other page as it has become by then.
      def play(event)
        return [ { "at" => event["at"], "kind" => "turn", **turned_to(event["page"]) } ] if event["turn"]
        page = @pages.fetch(event["page"])
        put = entries(event["page"], event["put"])
        page["stack"] = (page["stack"].reject { |id, *| event["gone"].include?(id) || put.any? { |one| one[0] == id } } + put).sort_by { |id, z, _| [ z, id ] }
        page["ground"] = event["ground"] if event["ground"]
        [ { "at" => event["at"], "kind" => "patch", "page" => event["page"], "put" => put, "gone" => event["gone"], "ground" => event["ground"] }.compact ]
      end

      def turned_to(page) = { "page" => page, **@pages.fetch(page).slice("size", "ground", "stack") }

      def entries(page, items) = items.map { |item| [ item["id"], item["z"], @cel.call(page, item), item.dig("ink", "points")&.last&.at(3) || 0 ] }
    end
  end
end
