module Usher
  module Page
    # Things as they are handled together: everything of one outermost group is one unit.
    class Units
      include Enumerable

      Unit = Struct.new(:members) do
        def box = Geometry::Box.around(members.flat_map { |placed| placed.item.box.corners })
        def ids = members.map(&:id)
      end

      # placed: [Placed, ...].
      def initialize(placed)
        @units = placed.group_by { |one| one.item.groups.last || one.id }.values.map { |members| Unit.new(members) }
      end

      def each(&block) = @units.each(&block)

      # The upright box around all of them.
      def box = Geometry::Box.around(@units.flat_map { |unit| unit.box.corners })
      def size = @units.size
    end
  end
end
