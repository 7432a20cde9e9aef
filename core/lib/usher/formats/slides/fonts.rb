module Usher
  module Formats
    module Slides
      # The face of Usher's that stands for one a slide names, and how close the lines of that are.
      module Fonts
        # By parts of their names, the first that fits.
        KNOWN = {
          "read" => /atkinson/, "title" => /bricolage/, "hand" => /andika|comic|hand|script|chalk|marker/, "code" => /mono|courier|consol|menlo|code|cousine|cumberland|typewriter|terminal|fixed/,
          "slim" => /calibri|carlito|corbel|candara/, "broad" => /verdana|dejavu sans|vera sans|geneva/,
          "plain" => /sans|arial|arimo|helvet|nimbus san|albany|swiss|tahoma|segoe|trebuchet|gothic/,
          "book" => /serif|times|roman|tinos|georgia|cambria|garamond|palatino|bookman|century|antiqua|thorndale|charter|baskerville|caslon|didot|minion|merriweather|playfair/
        }.freeze
        # font: one of Text::Faces; line: ems from one line to the next, where nothing else is said; rise: ems by which letters stand
        # higher in that than those of the font do.
        Face = Struct.new(:font, :line, :rise)
        LINES = { /nimbus (sans|roman)/ => [ 1.0, 0.12 ], /(dejavu|vera|nimbus).*(mono|serif)/ => [ 1.16, 0 ] }.freeze # and rise, by parts of their names
        NATURAL = { "plain" => 1.12, "slim" => 1.22, "broad" => 1.16, "book" => 1.11, "code" => 1.13 }.freeze # of the others, from ascent to descent
        USUAL = 1.2

        module_function

        # name: as a slide says it, nil where it says none; generic, pitch: as OpenDocument describes it (19.506, 19.499). A Face.
        def of(name, generic: nil, pitch: nil)
          said = name.to_s.downcase
          font = KNOWN.find { |_, pattern| said.match?(pattern) }&.first || described(said, generic, pitch)
          Face.new(font, *(LINES.find { |pattern, _| said.match?(pattern) }&.last || [ NATURAL.fetch(font, USUAL), 0 ]))
        end

        def described(said, generic, pitch)
          return "code" if pitch == "fixed" || generic == "modern"
          generic == "roman" ? "book" : said.strip.empty? ? "read" : "plain"
        end
      end
    end
  end
end
