module Usher
  module Activities
    # What kinds share that are played on a picture. Places on it are shares of its width and height, from 0 to 1, to
    # four decimals, whatever size it is shown at.
    module Pictured
      SHARE = Types::Number.new(0..1, digits: 4)

      # The picture as a Face.
      def picture = @picture ||= Face.new(content["picture"])

      def to_picture = content["picture"]

      private

      def check_picture(given)
        raise Invalid, "Choose a picture first." if given.nil? || given == {}
        Face.read(given, "The picture").tap { |face| raise Invalid, "Choose a picture first." unless face.picture }.to_h
      end

      # A place on the picture. what: who lies there, for the sentence that refuses it.
      def point(given, what)
        raise Invalid, "#{what} has no place on the picture yet." if given.nil?
        raise Invalid, "The place of #{what} must be two numbers." unless given.is_a?(Array) && given.size == 2
        given.map { |share| SHARE.call(share) }
      rescue Invalid => error
        raise error unless error.message.start_with?("must be")
        raise Invalid, "#{what} lies outside the picture."
      end
    end
  end
end
