module Usher
  module Activities
    module Kinds
      # Sort into groups: every tile belongs to exactly one group.
      #
      # Content: { "groups" => [{ "name" => Face, "tiles" => [Face, ...] }, ...] }, faces as hashes.
      # Move: { "piece" => name, "place" => "g1" or nil }. Cells are the tiles.
      class Sort < Kind
        GROUPS = 2..6
        TILES = 1..60

        def self.title = "Sort into groups"
        def self.purpose = "Bring each tile to the group it belongs to."
        def self.columns = %w[Tile Group]

        def self.from_table(rows, _settings)
          groups = rows.group_by { |_, group| Table.key(group) }.values
          { "groups" => groups.map { |same| { "name" => same.first[1], "tiles" => same.map(&:first) } } }
        end

        def to_table = groups.flat_map { |name, tiles| tiles.map { |tile| [ tile.to_h, name.to_h ] } }
        def self.from_parts(parts) = parts["groups"]&.then { |groups| { "groups" => groups.map { |name, tiles| { "name" => name, "tiles" => tiles } } } }
        def to_parts = { "groups" => content["groups"].map { |group| group.values_at("name", "tiles") } }

        def deal(seed) = Deal.shuffle(tiles.size, seed)

        def cells(deal) = deal.names

        def answering(deal) = Answering::Placing.new(deal.names, places.to_h { |place| [ place, nil ] })

        def right?(deal, answers, cell) = answers[cell] == home(deal, cell)

        def solve(deal, answers, cell) = answers.merge(cell => home(deal, cell))

        def question(deal, cell) = deal.index(cell)

        def questions = tiles.map { |tile| tile.first.words }

        def view(deal, answers)
          { "pieces" => deal.names - answers.keys, "places" => places.to_h { |place| [ place, answering(deal).held(answers, place) ] } }
        end

        def told(_deal, answers, cell) = groups[places.index(answers[cell])].first.words

        def faces(deal, _answers) = { **deal.pieces.transform_values { |index| tiles[index].first }, **places.zip(groups.map(&:first)).to_h }

        def all_faces = groups.flatten

        def glimpse = Deal.shuffle(tiles.size, 0).pieces.values.map { |index| tiles[index].first.words }.first(12)

        def paper(sheet, deal, answers, **)
          shown, view = faces(deal, answers), view(deal, answers)
          sheet.faces(view["pieces"].map { |name| shown[name] })
          view["places"].each { |place, held| sheet.box(shown[place].words, held.map { |name| shown[name] }) }
        end

        private

        # [[Face of the group, [Face, ...]], ...]
        def groups = @groups ||= content["groups"].map { |group| [ Face.new(group["name"]), group["tiles"].map { |tile| Face.new(tile) } ] }

        # [[Face, number of its group], ...] in the teacher's order.
        def tiles = @tiles ||= groups.each_with_index.flat_map { |(_, tiles), number| tiles.map { |tile| [ tile, number ] } }

        def places = @places ||= groups.each_index.map { |number| "g#{number + 1}" }

        def home(deal, cell) = places[tiles[deal.index(cell)].last]

        def check(content)
          given = list(content["groups"], GROUPS, "Sorting needs #{GROUPS.begin} to #{GROUPS.end} groups.")
          groups = given.each_with_index.map { |group, index| group(group, index + 1) }
          distinct(groups.map(&:first)) { |name| "Two groups are called “#{name.words}”. Give each its own name." }
          all = groups.flat_map(&:last)
          raise Invalid, "Write at least two tiles to sort." if all.size < 2
          raise Invalid, "That is #{all.size} tiles; #{TILES.end} is the most." if all.size > TILES.end
          distinct(all) { |tile| "“#{tile.words}” stands twice. A tile can belong to one place only." }
          { "groups" => groups.map { |name, tiles| { "name" => name.to_h, "tiles" => tiles.map(&:to_h) } } }
        end

        def group(group, number)
          raise Invalid, "Group #{number} must have a name and tiles." unless group.is_a?(Hash) && group["tiles"].is_a?(Array)
          name = Face.read(group["name"], "The name of group #{number}", longest: 40)
          raise Invalid, "The group “#{name.words}” has no tiles yet." if group["tiles"].empty?
          [ name, group["tiles"].map { |tile| Face.read(tile, "A tile of “#{name.words}”", longest: 60) } ]
        end
      end
    end
  end
end
