module Usher
  module Formats
    module Slides
      # The face of Usher's that stands for one a slide names, and how close the lines of that are.
      module Fonts
        # By parts of their names, the first that fits. "plain" is for those whose letters are as broad as its own; any other
        # face without serifs is "broad", which the standard of free desktops puts in place of what it does not have. With serifs
        # "book" is as broad as a newspaper's face, "print" and "fine" a little broader, "tome" much.
        KNOWN = {
          "read" => /atkinson/, "title" => /bricolage/, "hand" => /andika|comic|hand|script|chalk|marker/, "code" => /mono|courier|consol|menlo|(?<!uni)code|cousine|cumberland|typewriter|terminal|fixed/,
          "slim" => /calibri|carlito/, "narrow" => /(arial|helvetica|liberation sans|nimbus sans).*(narrow|cond)/,
          "plain" => /arial(?! black)|arimo|helvet|(liberation|ms|microsoft) sans|nimbus san|free ?sans|albany|swiss|tahoma|segoe|trebuchet|aptos|roboto(?! slab)|univers|frutiger/,
          "broad" => /sans|gothic/,
          "print" => /cambria|caladea/,
          "tome" => /georgia|constantia|bookman|dejavu serif|vera serif/, "fine" => /palatino|palladio|pagella|p052|book antiqua|schoolbook|c059/,
          "book" => /serif|times|roman|tinos|garamond|century|antiqua|thorndale|charter|baskerville|caslon|didot|minion|merriweather|playfair|libertine|gentium|rockwell|perpetua|bodoni|sylfaen/
        }.freeze
        # font: one of Text::Faces; line: ems from one line to the next, where nothing else is said; ascent: ems from the top of a
        # line to its baseline.
        Face = Struct.new(:font, :line, :ascent)
        LINES = { /nimbus (sans|roman)/ => [ 1.0, 0.73 ], /(dejavu|vera|nimbus).*(mono|serif)/ => [ 1.16, 0.93 ] }.freeze # by parts of their names
        NATURAL = { "plain" => [ 1.12, 0.905 ], "slim" => [ 1.22, 0.95 ], "narrow" => [ 1.15, 0.94 ], "broad" => [ 1.16, 0.93 ], "book" => [ 1.11, 0.89 ], "print" => [ 1.15, 0.9 ], "tome" => [ 1.16, 0.93 ], "fine" => [ 1.0, 0.73 ], "code" => [ 1.13, 0.83 ] }.freeze # of the others
        USUAL = [ 1.2, 0.93 ].freeze
        EVEN = [ 1.2, 0.995 ].freeze # where lines do not depend on the face

        module_function

        # name: as a slide says it, nil where it says none; generic, pitch: as OpenDocument describes it (19.506, 19.499). A Face.
        def of(name, generic: nil, pitch: nil)
          said = name.to_s.downcase
          font = KNOWN.find { |_, pattern| said.match?(pattern) }&.first || described(said, generic, pitch)
          Face.new(font, *(LINES.find { |pattern, _| said.match?(pattern) }&.last || NATURAL.fetch(font, USUAL)))
        end

        def even(...) = Face.new(of(...).font, *EVEN)

        def described(said, generic, pitch)
          return "code" if pitch == "fixed" || generic == "modern"
          generic == "roman" ? "book" : said.strip.empty? ? "read" : "broad"
        end
      end
    end
  end
end
