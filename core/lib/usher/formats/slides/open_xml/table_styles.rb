require "nokogiri"

module Usher
  module Formats
    module Slides
      # Styles of tables that files name without saying what they are, each in seven colours of a theme, as elements of the standard
      # (ISO/IEC 29500-1, 20.1.4.2.26).
      module OpenXml::TableStyles
        COLOURS = [ "dk1", *(1..6).map { |number| "accent#{number}" } ].freeze
        PLAIN_GRID = "{5940675A-B579-460E-94D1-54222C63F5DA}".freeze # lines, and nothing else
        IDS = {
          light_rows: [ nil, *%w[3B4B98B0-60AC-42C2-AFA5-B58CD77FA1E5 0E3FDE45-AF77-4B5C-9715-49D594BDF05E C083E6E3-FA7D-4D7B-A595-EF9225AFEA82 D27102A9-8310-4765-A935-A1911B00CA55 5FD0F851-EC5A-4D38-B0AD-8093EC10F338 68D230F3-CF80-4859-8CE7-A43EE81993B5] ],
          light_frame: %w[7E9639D4-E3E2-4D34-9284-5A2195B3D0D7 69012ECD-51FC-41F1-AA8D-1B2483CD663E 72833802-FEF1-4C79-8D5D-14CF1EAF98D9 F2DE63D5-997A-4646-A377-4702673A728D 17292A2E-F333-43FB-9621-5CBBE7FDCDCB 5A111915-BE36-4E01-A7E5-04B1672EAD32 912C8C85-51F0-491E-9774-3900AFEF0FD7],
          light_grid: %w[616DA210-FB5B-4158-B5E0-FEB733F419BA BC89EF96-8CEA-46FF-86C4-4CE0E7609802 5DA37D80-6434-44D0-A028-1B22A696006F 8799B23B-EC83-4686-B30A-512413B5E67A ED083AE6-46FA-4A59-8FB0-9F97EB10719F BDBED569-4797-4DF1-A0F4-6AAB3CD982D8 E8B1032C-EA38-4F05-BA0D-38AFFFC7BED3],
          rows: %w[793D81CF-94F2-401A-BA57-92F5A7B2D0C5 B301B821-A1FF-4177-AEE7-76D212191A09 9DCAF9ED-07DC-4A11-8D7F-57B35C25682E 1FECB4D8-DB02-4DC6-A0A2-4F2EBAE1DC90 1E171933-4619-4E11-9A3F-F7608DF75F80 FABFCF23-3B69-468F-B69F-88F6DE6A72F2 10A1B5D5-9B99-4C35-A422-299274C87663],
          usual: %w[073A0DAA-6AF3-43AB-8588-CEC1D06C72B9 5C22544A-7EE6-4342-B048-85BDC9FD1C3A 21E4AEA4-8DFA-4A89-87EB-49C32662AFE0 F5AB1C69-6EDB-4FF4-983F-18BD219EF322 00A15C55-8517-42AA-B614-E9B94910E393 7DF18680-E054-41AD-8BC1-D1AEF772440D 93296810-A885-4BE3-A3E7-6D5BEEA58F35],
          heads: %w[8EC20E35-A176-4012-BC5E-935CFFF8708E 6E25E649-3F16-4E02-A733-19D2CDBF48F0 85BE263C-DBD7-4A20-BB59-AAB30ACAA65A EB344D84-9AFB-497E-A393-DC336BA19D2E EB9631B5-78F2-41C9-869B-9F39066F8104 74C1A8A3-306A-4EB7-A6B1-4F7E0EB9C5D6 2A488322-F2BA-4B5B-9748-0D474271808F],
          grid: %w[D7AC3CCA-C797-4891-BE02-D94E43425B78 69CF1AB2-1976-4502-BF36-3FF5EA218861 8A107856-5554-42FB-B03E-39F5DBC370BA 0505E3EF-67EA-436B-97B2-0124C06EBD24 C4B1156A-380E-4F78-BDF5-A606A8083BF9 22838BEF-8BB2-4498-84A7-C5851F593DF1 16D9F66E-5EB9-4882-86FB-DCBF35E3C3E4]
        }.flat_map { |name, ids| ids.zip(COLOURS).map { |id, colour| [ "{#{id}}", [ name, colour ] ] } }.to_h.freeze

        EDGES, ACROSS, ALL = %w[left right top bottom].freeze, %w[top bottom].freeze, %w[left right top bottom insideH insideV].freeze
        BANDS, HEADS, ENDS = %w[band1H band1V].freeze, %w[firstRow lastRow firstCol lastCol].freeze, %w[lastRow firstCol lastCol].freeze
        # For each style what its parts have: fill: a colour, or a share of the style's own; lines: on which sides, in which colour; text:
        # its colour, which is bold but for the whole. :own is the style's colour.
        RULES = {
          light_rows: { "wholeTbl" => { lines: [ ACROSS, :own ] }, BANDS => { fill: 20 }, "firstRow" => { text: "tx1", lines: [ %w[bottom], :own ] }, "lastRow" => { text: "tx1", lines: [ %w[top], :own ] }, %w[firstCol lastCol] => { text: "tx1" } },
          light_frame: { "wholeTbl" => { lines: [ EDGES, :own ] }, BANDS => { lines: [ ACROSS, :own ] }, "firstRow" => { fill: :own, text: "bg1" }, ENDS => { text: "tx1" } },
          light_grid: { "wholeTbl" => { lines: [ ALL, :own ] }, BANDS => { fill: 20 }, "firstRow" => { text: :own, lines: [ %w[bottom], :own ] }, ENDS => { text: :own } },
          rows: { "wholeTbl" => { fill: "lt1", lines: [ EDGES + %w[insideH], :own ] }, BANDS => { fill: 20 }, "firstRow" => { fill: :own, text: "lt1" }, ENDS => { text: "dk1" } },
          usual: { "wholeTbl" => { fill: 20, lines: [ ALL, "lt1" ] }, BANDS => { fill: 40 }, HEADS => { fill: :own, text: "lt1" } },
          heads: { "wholeTbl" => { fill: "lt1", lines: [ ACROSS, "dk1" ] }, BANDS => { fill: 20 }, %w[firstRow firstCol lastCol] => { fill: :own, text: "lt1" }, "lastRow" => { text: "dk1", lines: [ %w[top], "dk1" ] } },
          grid: { "wholeTbl" => { fill: 20, lines: [ ALL, :own ] }, BANDS => { fill: 40 }, HEADS => { fill: 20, text: :own } },
          plain_grid: { "wholeTbl" => { lines: [ ALL, "tx1" ] } }
        }.freeze

        module_function

        # id: as a table names it. A tblStyle element, or nil for one that nobody knows.
        def of(id)
          name, own = id == PLAIN_GRID ? [ :plain_grid, "tx1" ] : IDS[id]
          name && Nokogiri::XML("<tblStyle>#{RULES.fetch(name).flat_map { |parts, looks| Array(parts).map { |part| part(part, own, **looks) } }.join}</tblStyle>").root
        end

        def part(name, own, fill: nil, lines: nil, text: nil)
          sides, colour = lines
          borders = sides && "<tcBdr>#{sides.map { |side| "<#{side}><ln>#{solid(colour, own)}</ln></#{side}>" }.join}</tcBdr>"
          "<#{name}>#{"<tcTxStyle b=\"on\">#{colour(text, own)}</tcTxStyle>" if text}<tcStyle>#{borders}#{"<fill>#{solid(fill, own)}</fill>" if fill}</tcStyle></#{name}>"
        end

        def solid(said, own) = "<solidFill>#{colour(said, own)}</solidFill>"

        def colour(said, own)
          tint = "<tint val=\"#{said * 1_000}\"/>" if said.is_a?(Integer)
          "<schemeClr val=\"#{said.is_a?(String) ? said : own}\">#{tint}</schemeClr>"
        end
        private_class_method :part, :solid, :colour
      end
    end
  end
end
