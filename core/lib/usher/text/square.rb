module Usher
  module Text
    # A face whose signs are all equally broad, so that it can be measured without opening its file.
    class Square
      attr_reader :name

      # signs: a pattern of those it has; breadth: of each, in ems.
      def initialize(name, signs, breadth) = (@name, @signs, @breadth = name, signs, breadth)

      def covers?(char) = char.match?(@signs)
      def own(_char) = @breadth
    end
  end
end
