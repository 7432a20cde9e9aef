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
        NATURAL = { "plain" => 1.12, "slim" => 1.22, "broad" => 1.16, "book" => 1.11, "code" => 1.13 }.freeze # ems of a line, where nothing is said: from ascent to descent
        USUAL = 1.2

        module_function

        # name: as a slide says it, nil where it says none; generic, pitch: as OpenDocument describes it (19.506, 19.499). A font of
        # Text::Faces.
        def of(name, generic: nil, pitch: nil)
          said = name.to_s.downcase
          known = KNOWN.find { |_, pattern| said.match?(pattern) }&.first and return known
          return "code" if pitch == "fixed" || generic == "modern"
          generic == "roman" ? "book" : name.to_s.strip.empty? ? "read" : "plain"
        end

        # Ems from one line to the next in this font of Usher's.
        def natural(font) = NATURAL.fetch(font, USUAL)
      end
    end
  end
end
