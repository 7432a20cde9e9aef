module Usher
  module Activities
    class Seen
      # What may be shown of one part of a sheet: the same as of the whole, in the names of the part.
      class Part
        extend Forwardable

        def_delegators :@whole, :ended, :over?, :solved?, :score?, :solution?, :all, :rules, :score, :misses, :moves

        attr_reader :number

        # whole: a Seen of a sheet; number: of the part, from 1.
        def initialize(whole, number)
          @whole, @number = whole, number
        end

        def title = part.first
        def kind = part.last
        def view = @whole.view["parts"][number - 1]
        def name(name) = "#{number}-#{name}"
        def face(face) = @whole.face(name(face))
        def sign(cell) = @whole.sign(name(cell))
        def fixed?(cell) = @whole.fixed?(name(cell))
        def revealed(cell) = @whole.revealed(name(cell))

        # Whether nothing is left to be answered in it, and whether anything was tried.
        def answered_all? = cells.all? { |cell| @whole.answered?(cell) || @whole.fixed?(cell) }
        def tried? = cells.any? { |cell| @whole.tried?(cell) }

        private

        def cells = @whole.cells.select { |cell| cell.start_with?("#{number}-") }
        def part = @whole.kind.parts.fetch(number - 1)
      end
    end
  end
end
