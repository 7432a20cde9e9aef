require "nokogiri"

module Usher
  module Formats
    module Html
      # Reduces embed code to what may be framed: the address of its first frame. Everything else of it,
      # scripts above all, is left out.
      module Embed
        MAX_BYTES = 20_000
        SOURCES = { "iframe" => "src", "frame" => "src", "embed" => "src", "object" => "data" }.freeze
        SIDES = (120..1_500).freeze # page units

        Result = Struct.new(:address, :title, :width, :height)

        module_function

        # code: text a teacher pasted, embed code or a bare address. Answers with a Result (width and height
        # in page units, nil where it says none); raises Invalid with what is wrong.
        def read(code)
          raise Invalid, "That is longer than any embed code." if code.bytesize > MAX_BYTES
          return Result.new(address(Page::Link.complete(code.strip)), "", nil, nil) unless code.include?("<")
          frame = Nokogiri::HTML5.fragment(code).css(SOURCES.keys.join(",")).find { |element| !element[SOURCES[element.name]].to_s.strip.empty? }
          raise Invalid, "There is no framed page in that code. Usher takes embed code with a frame in it, and leaves scripts out." unless frame
          source = frame[SOURCES[frame.name]].strip
          source = "https:#{source}" if source.start_with?("//")
          Result.new(address(source), frame["title"].to_s[0, 200], side(frame["width"]), side(frame["height"]))
        end

        def address(text) = Invalid.about("The address to frame") { Types::Address.new(schemes: %w[http https]).call(text) }
        def side(text) = text.to_s.match?(/\A\d+(px)?\z/) ? text.to_i.clamp(SIDES.begin, SIDES.end) : nil
        private_class_method :address, :side
      end
    end
  end
end
