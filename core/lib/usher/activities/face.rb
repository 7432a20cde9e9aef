module Usher
  module Activities
    # What a part of an activity shows, in any mix: text, a picture, a sound, and words that are read aloud and not
    # shown. Pictures and sounds are numbers of the lesson's store room; the text may have looks (Text::Inline).
    class Face
      LONGEST = 300 # characters

      TYPES = {
        "text" => Types::Line.new(LONGEST), "picture" => Types::Number.new(1..2**53, digits: 0), "alt" => Types::Line.new(LONGEST),
        "sound" => Types::Number.new(1..2**53, digits: 0), "said" => Types::Line.new(LONGEST)
      }.freeze

      # given: text, or a hash of the above; what: what to call it when it is refused. Raises Invalid.
      def self.read(given, what, longest: LONGEST)
        given = { "text" => given } if given.is_a?(String)
        raise Invalid, "#{what} must be text, a picture or a sound." unless given.is_a?(Hash) && (given.keys - TYPES.keys).empty?
        values = given.compact.to_h { |name, value| [ name, Invalid.about(what) { TYPES[name].call(value) } ] }
        values.each_value { |value| value.strip! if value.is_a?(String) && !value.frozen? }
        face = new(values.reject { |_, value| value == "" })
        raise Invalid, "#{what} is empty." if face.empty?
        raise Invalid, "#{what} is longer than #{longest} characters." if face.text.length > longest
        Invalid.about(what) { face.inline.formulas.each { |formula| Formats::Maths.set(formula) } }
        face
      end

      # A face that shows these words as they are, whatever signs are in them.
      def self.literal(text) = new("text" => Text::Inline.literal(text))

      def initialize(values)
        @values = values.freeze
      end

      # Its words without their looks.
      def text = inline.plain
      def inline = @inline ||= Text::Inline.new(@values["text"].to_s)
      def picture = @values["picture"]
      def alt = @values["alt"].to_s
      def sound = @values["sound"]
      def said = @values["said"]

      # A caption of a picture alone is nothing to see.
      def empty? = (@values.keys - [ "alt" ]).empty?
      def to_h = @values

      # In a few words, for results and sentences.
      def words = [ text, said, (alt if picture), ("a picture" if picture), ("a sound" if sound) ].compact.find { |words| words != "" }

      # What makes it the same to whoever looks and listens, whatever its case and spaces.
      def key = [ text.downcase.squeeze(" "), picture, sound, said.to_s.downcase ]

      def ==(other) = other.is_a?(Face) && to_h == other.to_h
    end
  end
end
