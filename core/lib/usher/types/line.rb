module Usher
  module Types
    # Text of limited length (characters), in clean UTF-8. With `blank: false` it must say something.
    class Line
      def initialize(max, blank: true)
        @max, @blank = max, blank
      end

      def call(value)
        raise Invalid, "must be text" unless value.is_a?(String)
        text = value.encode("UTF-8", invalid: :replace, undef: :replace).scrub.unicode_normalize(:nfc).gsub(/\r\n?/, "\n").delete("\u0000")
        raise Invalid, "is longer than #{@max} characters" if text.length > @max
        raise Invalid, "is empty" if !@blank && text.strip.empty?
        text
      end
    end
  end
end
