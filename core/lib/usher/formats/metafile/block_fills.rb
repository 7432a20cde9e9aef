module Usher
  module Formats
    module Metafile
      # Blocks that a WMF fills with its brush alone (META_PATBLT with PATCOPY), said as rectangles: libwmf passes over them, and
      # what was to be white is left out. What else is in the file stays as it is.
      module BlockFills
        PATBLT, RECTANGLE, PATCOPY = 0x061D, 0x041B, 0x00F00021

        module_function

        # bytes: of a whole WMF. Answers with those of another.
        def said(bytes) = Records.of(bytes).map { |kind, record| kind == PATBLT ? rectangle(record) : record }.join

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
