module Usher
  module Formats
    module Slides
      # The patterns that Office Open XML knows by name (ISO/IEC 29500-1, 20.1.10.51): lines and even dots as a Hatching, all
      # others as a Tiling. The standard says what each looks like in words only; the tiles are drawn after those.
      module OpenXml::Patterns
        # Degrees of the lines, by how the name ends.
        WAYS = { "diagCross" => [ 45, -45 ], "trellis" => [ 45, -45 ], "openDmnd" => [ 45, -45 ], "UpDiag" => [ -45 ], "DnDiag" => [ 45 ], "Horz" => [ 0 ], "Vert" => [ 90 ], "Grid" => [ 0, 90 ], "Cross" => [ 0, 90 ] }.freeze
        # How close and how broad the lines are, in points, by how the name begins.
        SPACED = { "lt" => [ 3, 0.75 ], "nar" => [ 1.5, 0.75 ], "dk" => [ 3, 1.5 ], "wd" => [ 6, 2.25 ], "sm" => [ 3, 0.75 ], "lg" => [ 6, 0.75 ], "trellis" => [ 3, 1.5 ] }.freeze
        USUAL = [ 6, 0.75 ].freeze
        HALF = 50 # per cent that a pattern of a name nobody knows is taken to cover
        CELL = 3 # points from dot to dot
        TILES = {
          "dashHorz" => %w[####.... ........ ........ ........ ....#### ........ ........ ........],
          "dashVert" => %w[#....... #....... #....... #....... ....#... ....#... ....#... ....#...],
          "dashDnDiag" => %w[#...#... .#...#.. ..#...#. ...#...# ........ ........ ........ ........],
          "dashUpDiag" => %w[...#...# ..#...#. .#...#.. #...#... ........ ........ ........ ........],
          "horzBrick" => %w[######## #....... #....... #....... ######## ....#... ....#... ....#...],
          "diagBrick" => %w[.......# ......#. .....#.. ....#... ...##... ..#..#.. .#....#. #......#],
          "smCheck" => %w[##..##.. ##..##.. ..##..## ..##..## ##..##.. ##..##.. ..##..## ..##..##],
          "lgCheck" => %w[####.... ####.... ####.... ####.... ....#### ....#### ....#### ....####],
          "solidDmnd" => %w[...#.... ..###... .#####.. #######. .#####.. ..###... ...#.... ........],
          "dotDmnd" => %w[#....... ........ ..#...#. ........ ....#... ........ ..#...#. ........],
          "dotGrid" => %w[#.#.#.#. ........ #....... ........ #....... ........ #....... ........],
          "plaid" => %w[#.#.#.#. .#.#.#.# #.#.#.#. .#.#.#.# ####.... ####.... ####.... ####....],
          "weave" => %w[#...#... .#.#.#.. ..#...#. .#.#...# #...#... .#...#.# ..#...#. ...#.#.#],
          "zigZag" => %w[#......# .#....#. ..#..#.. ...##... #......# .#....#. ..#..#.. ...##...],
          "wave" => %w[........ ...##... ..#..#.# ##...... ........ ...##... ..#..#.# ##......],
          "divot" => %w[........ ...#.... ....#... ...#.... ........ .......# #....... .......#],
          "shingle" => %w[......## #....#.. .#..#... ..##.... ....##.. ......#. .......# .......#],
          "sphere" => %w[.##..... ####.... ####.... .##..... .....##. ....#### ....#### .....##.],
          "smConfetti" => %w[#....... ....#... .#...... ......#. ...#.... .......# ..#..... .....#..],
          "lgConfetti" => %w[##...... ##..##.. ....##.. .##..... .##...## ......## ..##.... ..##....]
        }.freeze

        # A Paint. name: of the pattern; colour: "#rrggbb" of its lines or dots; ground: of what is between them, or nil.
        def self.paint(name, colour, ground)
          rows = TILES[name.to_s]
          rows ? Tiling.new(colour, ground: ground, rows: rows) : Hatching.new(colour, ground: ground, **of(name.to_s))
        end

        # What Hatching.new is told of a pattern.
        def self.of(name)
          _, ways = WAYS.find { |ending, _| name.downcase.end_with?(ending.downcase) }
          return dots(name[/\Apct(\d+)/, 1]&.to_i || HALF) unless ways
          _, (apart, breadth) = SPACED.find { |start, _| name.start_with?(start) } || [ nil, USUAL ]
          { ways: ways, apart: apart, breadth: breadth }
        end

        def self.dots(percent) = { ways: [], apart: CELL, breadth: CELL * Math.sqrt(percent.clamp(1, 100) / 100.0) }
        private_class_method :of, :dots
      end
    end
  end
end
