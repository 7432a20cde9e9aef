module Usher
  module Activities
    # Sort into groups: every tile belongs to exactly one group.
    #
    # Content: { "groups" => [{ "name" => "...", "tiles" => ["...", ...] }, ...] }.
    # Deal:    { "groups" => ["...", ...], "tiles" => ["...", ...] }, the tiles shuffled over all groups.
    # Move:    { "tile" => index in the deal, "group" => index of the group }.
    class Sort < Kind
      GROUPS = 2..6
      TILES = 1..60
      NAME = Types::Line.new(40, blank: false)
      TILE = Types::Line.new(60, blank: false)

      def self.title = "Sort into groups"

      def deal(seed)
        { "groups" => groups.map { |group| group["name"] }, "tiles" => shuffled(seed).map(&:first) }
      end

      def right?(seed, move)
        tile, group = read(move)
        shuffled(seed)[tile].last == group
      end

      def subject(move) = read(move).first

      def size = tiles.size

      def glimpse = deal(0)["tiles"].first(12)

      private

      def groups = content["groups"]

      # [[text, index of its group], ...] in the teacher's order.
      def tiles = @tiles ||= groups.each_with_index.flat_map { |group, index| group["tiles"].map { |text| [ text, index ] } }

      def shuffled(seed) = tiles.shuffle(random: Random.new(seed))

      def read(move)
        raise Invalid, "A move names a tile and a group." unless move.is_a?(Hash)
        tile, group = move.values_at("tile", "group")
        unless tile.is_a?(Integer) && tile.between?(0, size - 1) && group.is_a?(Integer) && group.between?(0, groups.size - 1)
          raise Invalid, "There is no such tile or group in this activity."
        end
        [ tile, group ]
      end

      def check(content)
        given = content["groups"]
        raise Invalid, "Sorting needs #{GROUPS.begin} to #{GROUPS.end} groups." unless given.is_a?(Array) && GROUPS.cover?(given.size)
        groups = given.each_with_index.map { |group, index| group(group, index + 1) }
        same(groups.map { |group| group["name"] }) { |name| raise Invalid, "Two groups are called “#{name}”. Give each its own name." }
        all = groups.flat_map { |group| group["tiles"] }
        raise Invalid, "Write at least two tiles to sort." if all.size < 2
        raise Invalid, "That is #{all.size} tiles; #{TILES.end} is the most." if all.size > TILES.end
        same(all) { |tile| raise Invalid, "“#{tile}” stands twice. A tile can belong to one place only." }
        { "groups" => groups }
      end

      def group(group, number)
        raise Invalid, "Group #{number} must have a name and tiles." unless group.is_a?(Hash) && group["tiles"].is_a?(Array)
        name = Invalid.about("The name of group #{number}") { NAME.call(group["name"]).strip }
        tiles = group["tiles"].map { |tile| Invalid.about("A tile of “#{name}”") { TILE.call(tile).strip } }
        raise Invalid, "The group “#{name}” has no tiles yet." if tiles.empty?
        { "name" => name, "tiles" => tiles }
      end

      def same(values)
        double = values.group_by { |value| value.downcase.squeeze(" ") }.values.find { |group| group.size > 1 }
        yield double.first if double
      end
    end
  end
end
