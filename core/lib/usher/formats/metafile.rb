require "cgi"
require "rbconfig"
require "tempfile"
require "zlib"

module Usher
  module Formats
    # Pictures as lists of drawing commands (EMF, WMF), which office documents keep: as SVG, by libemf2svg and libwmf.
    module Metafile
      autoload :Arcs, "usher/formats/metafile/arcs"
      autoload :BlockFills, "usher/formats/metafile/block_fills"
      autoload :Faces, "usher/formats/metafile/faces"
      autoload :Records, "usher/formats/metafile/records"

      BROKEN = "That picture is broken: Usher could not read it to the end. Nothing was changed.".freeze
      MOST = 20_000_000 # bytes, unpacked
      PACKED = "\x1F\x8B".b.freeze
      EMF2SVG = File.expand_path("../../../bin/emf2svg", __dir__)
      SECONDS = 30
      TEXT, WRITTEN_IN = /(<text\b[^>]*>)([^<]*)/, /font-family\s*[=:]\s*["']?\s*((?:symbol|wingdings|webdings)\b[^"';]*)/i

      module_function

      # Whether these bytes are one, packed (RFC 1952) or not.
      def reads?(bytes) = !kind(bytes).nil?

      # SVG as the programs write it: still to be cleaned (Svg::Reader). Raises Invalid.
      def svg(bytes)
        bytes = unpacked(bytes)
        kind(bytes) == :emf ? meant(Tool.run(RbConfig.ruby, "--disable-gems", EMF2SVG, input: bytes, seconds: SECONDS)) : meant(by_file(bytes), Faces.of(bytes.b))
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # :emf, :wmf (with the header that says its size, or without) or nil.
      def kind(bytes)
        bytes = bytes.to_s.b
        return kind(unpacked(bytes, 64)) if bytes.start_with?(PACKED)
        return :emf if bytes.start_with?("\x01\0\0\0".b) && bytes[40, 4] == " EMF"
        :wmf if bytes.start_with?("\xD7\xCD\xC6\x9A".b, "\x01\0\x09\0".b, "\x02\0\x09\0".b)
      rescue Invalid
        nil
      end

      def unpacked(bytes, most = MOST)
        return bytes unless bytes.b.start_with?(PACKED)
        Zlib::GzipReader.wrap(StringIO.new(bytes)) { |packed| packed.read(most) }.to_s
      rescue Zlib::Error
        raise Invalid, BROKEN
      end

      # With signs instead of the letters that stand for them. faces: of the texts, in their order, where these do not say it.
      def meant(svg, faces = nil)
        svg = svg.dup.force_encoding(Encoding::UTF_8).scrub
        return svg unless faces.nil? ? svg.match?(WRITTEN_IN) : faces.any? { |name| PictureFaces.known?(name) } && faces.size == svg.scan(/<text\b/).size
        svg.gsub(TEXT).with_index do |_, index|
          tag, letters = $~.captures
          "#{tag}#{Markup.escape(PictureFaces.read(CGI.unescapeHTML(letters), faces ? faces[index] : tag[WRITTEN_IN, 1]))}"
        end
      end

      def by_file(bytes)
        Tempfile.create("usher-metafile", binmode: true) do |file|
          file.write(Arcs.said(BlockFills.said(bytes.b)))
          file.flush
          Tool.run("wmf2svg", "--inline", "--wmf-ignore-nonfatal", "-o", "/dev/stdout", file.path, seconds: SECONDS).gsub("<polyline ", %(<polyline fill="none" )) # of which it says nothing
        end
      end
      private_class_method :unpacked, :by_file, :meant
    end
  end
end
