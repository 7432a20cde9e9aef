module Usher
  module Formats
    module Metafile
      # Blocks that a WMF fills with its brush alone (META_PATBLT with PATCOPY), said as rectangles: libwmf passes over them, and
      # what was to be white is left out. What else is in the file stays as it is.
      module BlockFills
        PLACEABLE, KEY = 22, "\xD7\xCD\xC6\x9A".b.freeze # bytes of the header that says the size, and how that begins
        HEADER = 18 # bytes
        PATBLT, RECTANGLE, PATCOPY = 0x061D, 0x041B, 0x00F00021

        module_function

        # bytes: of a whole WMF. Answers with those of another.
        def said(bytes)
          at = (bytes.start_with?(KEY) ? PLACEABLE : 0) + HEADER
          made = bytes[0, at].to_s.b
          while (size, kind = bytes[at, 6]&.unpack("Vv")) && size && kind && size >= 3
            record = bytes[at, size * 2].to_s.b
            made << (kind == PATBLT ? rectangle(record) : record)
            at += size * 2
          end
          made << bytes[at..].to_s
        end

        # size, kind, operation, height, width, top, left
        def rectangle(record)
          _, _, operation, height, width, top, left = record.unpack("VvVs<s<s<s<")
          return record unless operation == PATCOPY && left
          [ 7, RECTANGLE, top + height, left + width, top, left ].pack("Vvs<s<s<s<")
        end
        private_class_method :rectangle
      end
    end
  end
end
