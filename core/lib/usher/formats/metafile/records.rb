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

        # A file of other records (bytes, as they come from there): its head says in words how long it is, and the longest of them.
        def joined(records)
          head, *others, rest = records
          at = head.bytesize - HEADER
          head[at + 6, 4] = [ (HEADER + others.sum(&:bytesize)) / 2 ].pack("V")
          head[at + 12, 4] = [ others.map(&:bytesize).max / 2 ].pack("V")
          [ head, *others, rest ].join
        end
      end
    end
  end
end
