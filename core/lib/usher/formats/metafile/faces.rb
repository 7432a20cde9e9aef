module Usher
  module Formats
    module Metafile
      # In which faces a WMF writes, which libwmf forgets where it does not know them: letters that are signs there
      # (PictureFaces) would be letters.
      module Faces
        # What makes an object, which gets the first number that is free; what a record does with one; what writes.
        MADE = [ 0x02FA, 0x02FC, 0x02FB, 0x00F7, 0x01F9, 0x06FF, 0x0142 ].freeze
        FONT, SELECT, DELETE, WRITE, SPREAD = 0x02FB, 0x012D, 0x01F0, 0x0521, 0x0A32
        CLIPPED = 6 # options with which a rectangle stands before the letters
        NAME = 24 # bytes of a font's record before its name

        module_function

        # For each text that libwmf makes of it, in their order, the name of its face, or nil.
        def of(bytes)
          objects, face = [], nil
          Records.of(bytes).each_with_object([]) do |(kind, record), found|
            index = record[6, 2]&.unpack1("v")
            case kind
            when *MADE then objects[objects.index(nil) || objects.size] = kind == FONT ? record[NAME..].to_s.unpack1("Z*").scrub : false
            when SELECT then face = objects[index] if index && objects[index]
            when DELETE then objects[index] = nil if index && index < objects.size
            when WRITE then found << face
            when SPREAD then found.concat([ face ] * pieces(record))
            end
          end
        end

        # How many texts one becomes: one for each letter, where it says how far these are apart.
        def pieces(record)
          count, options = record[10, 4].to_s.unpack("vv")
          return 1 unless options
          from = 14 + (options.anybits?(CLIPPED) ? 8 : 0)
          record.bytesize >= from + count + count % 2 + 2 * count ? count : 1
        end
        private_class_method :pieces
      end
    end
  end
end
