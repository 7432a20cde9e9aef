module Usher
  module Formats
    module Metafile
      # The records of a WMF one after the other: its head, then for each [what it does, its bytes].
      module Records
        PLACEABLE, KEY = 22, "\xD7\xCD\xC6\x9A".b.freeze # bytes of the header that says the size, and how that begins
        HEADER = 18 # bytes

        module_function

        # bytes: of a whole WMF. Answers with [[kind, bytes], ...], nil for the kind of the head and of what comes behind them all.
        def of(bytes)
          at = (bytes.start_with?(KEY) ? PLACEABLE : 0) + HEADER
          found = [ [ nil, bytes[0, at].to_s.b ] ]
          while (size, kind = bytes[at, 6]&.unpack("Vv")) && size && kind && size >= 3
            found << [ kind, bytes[at, size * 2].to_s.b ]
            at += size * 2
          end
          found << [ nil, bytes[at..].to_s ]
        end
      end
    end
  end
end
