require "core_test"

class MetafileTest < CoreTest
  Metafile = Usher::Formats::Metafile

  # A rectangle from 10, 10 to 90, 50 (0.01 mm and dots alike) in a picture of 100 by 60.
  def emf
    header = [ 1, 88, 0, 0, 99, 59, 0, 0, 2_600, 1_600, 0x464D4520, 0x10000, 88 + 24 + 20, 3, 1, 0, 0, 0, 0, 1_000, 600, 260, 160 ].pack("L2l8L4S2L3l4")
    rectangle = [ 43, 24, 10, 10, 90, 50 ].pack("L2l4")
    header + rectangle + [ 14, 20, 0, 16, 20 ].pack("L5")
  end

  # The same as the older kind, with the header that says its size.
  def wmf(shape = [ 7, 0x041B, 50, 90, 10, 10 ])
    records = [ [ 5, 0x020B, 0, 0 ], [ 5, 0x020C, 60, 100 ], shape, [ 3, 0 ] ].map { |size, *words| [ size ].pack("L") + words.pack("s*") }
    head = [ 1, 9, 0x300 ].pack("S3") + [ 9 + records.sum(&:bytesize) / 2 ].pack("L") + [ 0 ].pack("S") + [ 7 ].pack("L") + [ 0 ].pack("S")
    placed = [ 0x9AC6CDD7, 0, 0, 0, 100, 60, 96, 0 ].pack("LSs4SL")
    placed + [ placed.unpack("S*").reduce(:^) ].pack("S") + head + records.join
  end

  def packed(bytes) = StringIO.new.tap { |io| Zlib::GzipWriter.wrap(io) { |gz| gz.write(bytes) } }.string

  def test_both_kinds_become_drawings_packed_or_not
    [ emf, wmf, packed(emf), packed(wmf) ].each do |bytes|
      assert Metafile.reads?(bytes)
      drawn = Usher::Formats::Svg::Reader.read(Metafile.svg(bytes))
      assert_match(/<(path|rect|polygon)/, drawn.svg)
      assert_operator drawn.width, :>, drawn.height
    end
  end

  def test_a_block_that_a_brush_fills_is_not_passed_over
    block = ->(low, high) { wmf([ 9, 0x061D, low, high, 40, 80, 10, 10 ]) } # as high, as broad, from where
    filled = [ 0x0021, 0x00F0 ]
    assert_equal wmf.byteslice(22 + 18, 100), Metafile::BlockFills.said(block.(*filled)).byteslice(22 + 18, 100), "it is a rectangle"
    assert_match(/<(path|rect|polygon)/, Metafile.svg(block.(*filled)))
    other = block.(0x0042, 0x0000)
    assert_equal other, Metafile::BlockFills.said(other), "only what is filled, and nothing turned over"
    [ "", "\xD7\xCD\xC6\x9A".b, wmf[0, 45], wmf + "\xFF".b * 9, wmf[0, 40] + "\xFF\xFF\xFF\xFF\x1D\x06".b ].each { |odd| assert_equal odd, Metafile::BlockFills.said(odd) }
  end

  def test_parts_of_ellipses_lie_where_they_are
    part = ->(kind) { wmf([ 11, kind, 30, 50, 10, 70, 50, 90, 10, 50 ]) } # of an ellipse from 50, 10 to 90, 50: from its top against the clock to its left side
    points = ->(kind) { Metafile::Arcs.said(part.(kind)).byteslice(22 + 18 + 20 + 6..).unpack("s<*").then { |count, *found| found.first(2 * count).each_slice(2).to_a } }
    assert_equal [ [ 70, 10 ], [ 50, 30 ] ], points.(0x0817).values_at(0, -1)
    points.(0x0817).each { |x, y| assert_in_delta 20, Math.hypot(x - 70, y - 30), 0.8 }
    assert_operator points.(0x0817).map(&:sum).min, :<, 75, "by the shorter way, at the upper left"
    assert_equal [ [ 70, 10 ], [ 50, 30 ], [ 70, 30 ] ], points.(0x081A).values_at(0, -2, -1), "a pie has its middle"
    assert_equal points.(0x0817), points.(0x0830)
    whole = Metafile::Arcs.said(wmf([ 11, 0x0817, 10, 70, 10, 70, 50, 90, 10, 50 ])).byteslice(22 + 18 + 20 + 6..).unpack("s<*").then { |count, *found| found.first(2 * count).each_slice(2).to_a }
    assert_equal [ [ 70, 10 ], [ 70, 10 ] ], whole.values_at(0, -1), "a whole ellipse is closed"
    assert_match(/<polyline fill="none"/, Metafile.svg(part.(0x0817)))
    assert_match(/<(polygon|path)/, Metafile.svg(part.(0x081A)))
    assert_operator Metafile::Arcs.said(part.(0x0817)).byteslice(22 + 12, 4).unpack1("V"), :>, 40, "the head knows the longest record"
    flat = wmf([ 11, 0x0817, 30, 50, 10, 70, 50, 90, 50, 50 ])
    assert_equal flat.byteslice(40..), Metafile::Arcs.said(flat).byteslice(40..)
    [ wmf, "", "\xD7\xCD\xC6\x9A".b, wmf + "\xFF".b * 9 ].each { |odd| assert_equal odd, Metafile::Arcs.said(odd) }
    20.times { |less| Metafile::Arcs.said(part.(0x0817)[0...-less - 1]) }
  end

  # records: further ones, in words of 16 bits.
  def written(*records)
    made = ->(name) { [ 0x02FB, -12, 0, 0, 0, 400, 0, 0, 0, 0, *name.ljust(name.size.even? ? name.size + 2 : name.size + 1, "\0").unpack("s*") ] }
    all = [ [ 0x020B, 0, 0 ], [ 0x020C, 60, 100 ], [ 0x02FC, 0, 0, 0, 0 ], made.("Symbol"), made.("Arial"), *records, [ 0 ] ].map { |words| [ words.size + 2 ].pack("L") + words.pack("s*") }
    wmf[0, 22] + [ 1, 9, 0x300, 9 + all.sum(&:bytesize) / 2, 9, all.map(&:bytesize).max / 2, 0 ].pack("S3LSLS") + all.join
  end

  def test_letters_of_faces_that_have_signs_are_those
    select, gone = ->(number) { [ 0x012D, number ] }, ->(number) { [ 0x01F0, number ] }
    plain = ->(word) { [ 0x0521, word.bytesize, *"#{word}#{"\0" if word.bytesize.odd?}".unpack("s*"), 20, 10 ] }
    spread = ->(word, *apart) { [ 0x0A32, 40, 10, word.bytesize, 0, *"#{word}#{"\0" if word.bytesize.odd?}".unpack("s*"), *apart ] }
    bytes = written(select.(1), plain.("pD"), spread.("ab", 8, 8), select.(2), plain.("pier"), spread.("ab"), gone.(1), select.(2), plain.("a"))
    assert_equal [ "Symbol", "Symbol", "Symbol", "Arial", "Arial", "Arial" ], Metafile::Faces.of(bytes)
    assert_equal [ "πΔ", "α", "β", "pier", "ab", "a" ], Metafile.svg(bytes).scan(/<text[^>]*>([^<]*)/).flatten.map(&:strip)
    again = written(gone.(0), [ 0x02FB, -12, 0, 0, 0, 400, 0, 0, 0, 0, *"Webdings\0\0".unpack("s*") ], select.(0), plain.("n"))
    assert_equal [ "Webdings" ], Metafile::Faces.of(again), "the first number that is free"
    [ "", wmf[0, 30], wmf + "\xFF".b * 9, written([ 0x0A32, 40 ], [ 0x0521 ], [ 0x012D, 900 ], [ 0x02FB ]) ].each { |odd| assert_kind_of Array, Metafile::Faces.of(odd) }
  end

  def test_nothing_else_is_one
    [ nil, "", "EMF", "\x01\0\0\0".b, "<svg/>", packed("tide"), "\x1F\x8B broken".b ].each { |bytes| refute Metafile.reads?(bytes), bytes.inspect }
  end

  def test_broken_ones_are_refused
    [ emf[0, 60], wmf[0, 30], "\xD7\xCD\xC6\x9A".b + "\xFF".b * 400 ].each { |bytes| assert_invalid { Usher::Formats::Svg::Reader.read(Metafile.svg(bytes)) } }
  end
end
