require "cgi"
require "tmpdir"

module Usher
  module Formats
    module Svg
      # Fonts that a drawing brings itself, in addresses within its style sheets (CSS Fonts 4, 4): no browser would use them
      # in a picture that has been cleaned, so what is written becomes the outlines of its letters.
      module OwnFonts
        FACE = /@font-face\s*\{((?:[^{}"']++|"[^"]*+"|'[^']*+')*+)\}/m
        FAMILY = /font-family\s*:\s*(?:"([^"]+)"|'([^']+)'|([^;}]+))/
        SOURCE = %r{url\(\s*["']?data:[\w/+.-]*(?:;[\w=-]+)*;base64,([A-Za-z0-9+/=\s]++)}
        WEIGHTS = { "normal" => 80, "bold" => 200, **(1..9).to_h { |n| [ "#{n}00", [ 0, 40, 50, 80, 100, 180, 200, 205, 210 ][n - 1] ] } }.freeze # as fontconfig counts
        MOST = 20 # of them
        LARGEST = 20_000_000 # bytes of a drawing that holds them

        Face = Struct.new(:family, :weight, :slanted, :bytes)

        module_function

        # The same drawing, letters outlined; the bytes as they are where it brings no fonts, or none that can be read.
        def outlined(bytes)
          faces = faces(Source.text(bytes, most: LARGEST))
          faces.empty? ? bytes : Dir.mktmpdir("usher-own-fonts") { |folder| Rsvg.run("-f", "svg", input: bytes, fonts: fonts(faces, folder), seconds: 15) }
        rescue Rsvg::Failed
          bytes
        end

        def faces(text)
          text.scan(FACE).first(MOST).filter_map do |(said)|
            family = said.match(FAMILY)&.captures&.compact&.first&.then { |name| CGI.unescapeHTML(name).strip }
            font = said[SOURCE, 1]&.then { |data| PackedFont.unpacked(data.unpack1("m")) }
            next unless family && font
            Face.new(family, WEIGHTS[said[/font-weight\s*:\s*(\w+)/, 1]], said.match?(/font-style\s*:\s*(?:italic|oblique)/), font)
          end
        end

        # Writes them into this folder, with what tells fontconfig their names; answers with the path of that.
        def fonts(faces, folder)
          named = faces.each_with_index.map do |face, number|
            path = File.join(folder, "face-#{number}.ttf")
            File.binwrite(path, face.bytes)
            said = { "family" => "<string>#{face.family.encode(xml: :text)}</string>", "slant" => "<int>#{face.slanted ? 100 : 0}</int>", "weight" => face.weight && "<int>#{face.weight}</int>" }.compact
            %(<match target="scan"><test name="file"><string>#{path}</string></test>#{said.map { |name, value| %(<edit name="#{name}" mode="assign" binding="strong">#{value}</edit>) }.join}</match>)
          end
          File.join(folder, "fonts.conf").tap do |file|
            File.write(file, %(<?xml version="1.0"?><!DOCTYPE fontconfig SYSTEM "fonts.dtd"><fontconfig><dir>#{folder}</dir><cachedir>#{folder}</cachedir>#{named.join}<include>#{Rsvg.fontconfig}</include></fontconfig>))
          end
        end
        private_class_method :faces, :fonts
      end
    end
  end
end
