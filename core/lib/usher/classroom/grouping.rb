module Usher
  module Classroom
    # Deals names into teams of nearly the same size by chance, so that some stay together and some are kept apart.
    # Whoever stays together is one block; blocks are put into teams one after the other, those that are hardest to
    # place first, each into a team chosen by chance, with a step back where nothing fits (backtracking search).
    class Grouping
      STEPS = 40_000 # after which it is taken for impossible

      # names: a list, in which a name may occur twice; count: how many teams; apart, together: lists of lists of names.
      # Raises Invalid where it cannot be done.
      def initialize(names, count:, chance:, apart: [], together: [])
        raise Invalid, "Type at least two names, one a line." if names.size < 2
        raise Invalid, "#{count} teams are more than there are names (#{names.size})." if count > names.size
        @names, @count, @chance = names, count, chance
        @blocks = join(together.map { |list| places(list) })
        @apart = apart.map { |list| places(list) }
        check
      end

      # The teams: lists of names.
      def teams
        @teams = Array.new(@count) { [] }
        @steps = 0
        order = @chance.shuffle(@blocks).sort_by.with_index { |block, index| [ -block.size, -foes(block).size, index ] }
        raise Invalid, impossible unless place(order)
        @teams.map { |team| @chance.shuffle(team.flatten).map { |index| @names[index] } }
      end

      private

      # The first place of each name of a list. A name that is not there is told.
      def places(list)
        list.map { |name| @names.index { |one| one.casecmp?(name) } || raise(Invalid, "“#{name}” is not among the names.") }.uniq
      end

      # Blocks of places: those of one list, and of lists that share somebody.
      def join(lists)
        lists.inject(@names.each_index.map { |index| [ index ] }) do |blocks, list|
          met, rest = blocks.partition { |block| (block & list).any? }
          rest + [ met.flatten ]
        end
      end

      def foes(block) = (@foes ||= {})[block] ||= @apart.select { |list| (list & block).any? }.flatten.uniq - block

      def largest = (@names.size / @count.to_f).ceil
      def smallest = @names.size / @count

      def place(blocks)
        return true if blocks.empty?
        return false if (@steps += 1) > STEPS
        block, *rest = blocks
        tried = []
        @chance.shuffle(@teams.each_index.to_a).sort_by { |index| @teams[index].sum(&:size) }.each do |index|
          team = @teams[index]
          alike = team.flatten.sort
          next if tried.include?(alike) || !fits?(team, block)
          tried << alike # another team with just these would do no better
          team << block
          return true if place(rest)
          team.pop
        end
        false
      end

      def fits?(team, block)
        size = team.sum(&:size) + block.size
        return false if size > largest || (foes(block) & team.flatten).any?
        larger = @teams.count { |other| !other.equal?(team) && other.sum(&:size) > smallest }
        size <= smallest || larger < @names.size % @count || (@names.size % @count).zero?
      end

      def check
        torn = @apart.flat_map { |list| list.combination(2).to_a }.find { |pair| @blocks.any? { |block| (pair - block).empty? } }
        raise Invalid, "#{said(torn)} cannot be together and apart." if torn
        large = @blocks.find { |block| block.size > largest }
        raise Invalid, "#{said(large)} are more than a team of #{largest} holds." if large
        many = @apart.find { |list| list.size > @count }
        raise Invalid, "#{said(many)} cannot all be kept apart in #{@count} teams." if many
      end

      def impossible = "With #{@count} teams not everybody can be kept apart or together as you wish. Nothing was changed."

      def said(places) = places.map { |index| @names[index] }.then { |names| [ names[0..-2].join(", "), names.last ].join(" and ") }
    end
  end
end
