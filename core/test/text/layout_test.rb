require "core_test"

class LayoutTest < CoreTest
  FACE = Usher::Text::Faces.fetch("read")

  def layout(text, width: 300, size: 30, lists: [], **more) = Usher::Text::Layout.new(text, advances: text.chars.map { |char| FACE.advance(char) }, size: size, width: width, lists: lists, **more)

  def spaced(text, **more) = Usher::Text::Layout.new(text, advances: [ 0.5 ] * text.length, size: 10, width: 100, **more)

  def test_a_tab_goes_to_the_next_stop
    assert_equal [ 0, 2, 4 ], begins("ebb\tup\tsea")
    assert_equal [ 0, 4 ], begins("boats\tup"), "past where the words end"
    assert_equal [ 0, 4 ], begins("boat\tup"), "and not beside them"
    assert_equal [ 2, 8 ], begins("\ttide\t\tup")
    assert_equal [ 0, 2, 0, 2 ], begins("ebb\tup\nsea\tup"), "each paragraph anew"
    assert_equal [ 0, 5 ], begins("ebb\tup", tab: 5)
  end

  # Where each word begins in its line, in ems; letters are half an em broad.
  def begins(text, **more)
    layout = Usher::Text::Layout.new(text, advances: [ 0.5 ] * text.length, size: 20, width: 2_000, **more)
    places = text.enum_for(:scan, /[a-z]+/).map { Regexp.last_match.begin(0) }
    places.map { |at| layout.width(layout.lines.find { |line| at.between?(line.from, line.to) }.from, at) }
  end

  def test_a_line_is_as_high_as_its_largest_letters_and_stands_on_one_baseline
    plain = spaced("ab\ncd")
    assert_in_delta 26, plain.height
    large = spaced("ab\ncd", scales: [ 1, 2, 1, 1, 0.5 ])
    assert_equal [ 2, 1 ], large.lines.map(&:scale)
    assert_in_delta 39, large.height
    assert_in_delta 2 * plain.baseline(0), large.baseline(0)
    assert_in_delta 13, large.baseline(1) - plain.baseline(1)
  end

  def test_leading_and_gaps
    loose = spaced("ab\ncd", leading: 2, gap: 0.5)
    assert_in_delta 45, loose.height
    assert_in_delta 25, loose.baseline(1) - loose.baseline(0)
    assert_in_delta 3.5, loose.baseline(0) - spaced("ab").baseline(0)
    assert_in_delta 10, spaced("ab", leading: 1).height
  end

  def test_lines_break_behind_a_hyphen_between_letters_and_nowhere_else_in_a_word
    lines = ->(text) { spaced(text).lines.map { |line| text[line.from...line.to] } } # twenty letters a line
    assert_equal [ "the harbour master-", "at-arms" ], lines.("the harbour master-at-arms")
    assert_equal [ "from every Monday–", "Friday" ], lines.("from every Monday–Friday")
    assert_equal [ "a lighthouse-keeper", "house" ], lines.("a lighthouse-keeper house"), "not where there is room"
    assert_equal [ "high water at about", "12-30 or so" ], lines.("high water at about 12-30 or so"), "not in a number"
    assert_equal [ "the temperature is", "-3 degrees" ], lines.("the temperature is -3 degrees")
  end

  def test_letters_count_beyond_z_and_each_list_begins_anew
    made = layout((%w[x] * 28).join("\n"), lists: %w[letters] * 28).lines
    assert_equal [ "a)", "z)", "aa)", "ab)" ], made.map(&:marker).values_at(0, 25, 26, 27)
    assert_equal [ "1.", "2.", "a)", nil, "b)", "1." ], layout("a\nb\nc\nd\ne\nf", lists: %w[numbers numbers letters under letters numbers]).lines.map(&:marker)
  end

  def test_lines_break_between_ideographs_but_not_before_what_closes_behind_them
    text = "At low tide 潮が引く、船は砂の上。"
    advances = text.each_char.map { |char| char.match?(/\p{Latin}| /) ? 0.5 : 1.0 }
    lines = ->(ems) { Usher::Text::Layout.new(text, advances: advances, size: 10, width: ems * 10).lines.map { |line| text[line.from...line.to] } }
    assert_equal [ "At low tide 潮が", "引く、船は砂の", "上。" ], lines.(8)
    assert_equal [ "At low tide 潮が引", "く、船は砂の上。" ], lines.(9.2), "no line begins with what closes"
  end

  def test_signs_of_lists
    kinds = %w[none bullets dashes squares rings arrows ticks heads wedges diamonds lozenges discs blocks boxes angles]
    counting = Usher::Text::Layout.new("a\nb\nc\nd\ne", advances: [ 0.5 ] * 9, size: 20, width: 400, lists: %w[numbers:3 numbers:3 none numbers numbers:1])
    assert_equal [ "3.", "4.", nil, "1.", "1." ], counting.lines.map(&:marker)
    assert_equal [ "b)", "B.", "iv.", "XL." ], [ [ "letters", 2 ], [ "capitals", 2 ], [ "romans", 4 ], [ "large_romans:9", 40 ] ].map { |kind, number| Usher::Text::Layout.sign(kind, number) }
    type = Usher::Text::ListKind.new
    [ "numbers", "romans:9999", "under" ].each { |kind| assert_equal kind, type.call(kind) }
    [ "numbers:0", "numbers:10000", "numbers:x", "bullets:2", "numbers:2\n", nil, 3, [ "numbers" ] ].each { |kind| assert_raises(Usher::Invalid, kind.inspect) { type.call(kind) } }
    assert_equal [ nil, "•", "–", "▪", "○", "→", "✓", "➢", "▸", "❖" ], layout((%w[x] * 10).join("\n"), lists: kinds).lines.map(&:marker)
    assert_equal kinds.drop(1), Usher::Text::Layout::SIGNS.keys
    Usher::Text::Layout::SIGNS.each_value { |sign| assert Usher::Text::Faces.cover?(sign), sign }
  end

  def test_a_line_of_the_same_paragraph_has_no_gap_above_it
    tops = ->(lists) { layout("ebb\nout\nflood", lists: lists, gap: 1, leading: 1).lines.map { |line| [ line.top, line.indent.positive? ] } }
    assert_equal [ [ 0, false ], [ 1, false ], [ 3, false ] ], tops.(%w[none under none])
    assert_equal [ [ 0, true ], [ 1, true ], [ 3, true ] ], tops.(%w[bullets under bullets])
    assert_equal [ [ 0, false ], [ 2, false ], [ 4, false ] ], tops.([])
  end

  def test_lines_behind_the_first_of_a_hanging_paragraph_stand_further_in
    text = "the harbour master at arms\nat ebb" # twenty letters a line, fewer where it stands in
    made = spaced(text, lists: %w[hanging under], hang: 2).lines
    assert_equal [ "the harbour master", "at arms", "at ebb" ], made.map { |line| text[line.from...line.to] }
    assert_equal [ [ nil, 0 ], [ nil, 2 ], [ nil, 2 ] ], made.map { |line| [ line.marker, line.indent ] }
  end

  def test_a_line_of_its_own_in_an_entry_stands_under_it_and_is_not_counted
    made = layout("ebb\nout\nflood", lists: %w[numbers under numbers]).lines
    assert_equal [ [ "1.", 1.5 ], [ nil, 1.5 ], [ "2.", 1.5 ] ], made.map { |line| [ line.marker, line.indent ] }
  end

  def lines(text, **options) = layout(text, **options).lines.map { |line| text[line.from...line.to] }

  def test_no_line_is_wider_than_its_room
    text = "The tide comes in over the causeway twice a day and the keeper counts the boats"
    (80..900).step(41) do |width|
      lines(text, width: width).each { |line| assert_operator FACE.width(line) * 30, :<=, width, "#{line.inspect} in #{width}" }
    end
  end

  def test_nothing_is_lost_or_reordered
    text = "Ebb and flow, slack water and spring tide"
    assert_equal text, lines(text).join(" ")
  end

  def test_line_breaks_of_the_writer_stay
    assert_equal [ "a", "", "b", "" ], lines("a\n\nb\n")
    assert_equal [ "" ], lines("")
  end

  def test_a_long_word_is_broken_between_letters
    broken = lines("lighthousekeepersdaughter", width: 120)
    assert_operator broken.size, :>, 1
    assert_equal "lighthousekeepersdaughter", broken.join
    assert_equal %w[a b c], lines("abc", width: 1)
  end

  def test_spaces_inside_a_line_stay
    assert_equal [ "a   b" ], lines("a   b")
  end

  def test_a_sign_that_nobody_sees_says_how_a_paragraph_reads
    reads = ->(text) { Usher::Text::Layout.new(text, size: 40, width: 900, advances: Usher::Text::Marks.advances(text, Usher::Text::Marks.looks([], text.length), font: "read", bold: false, italic: false)).lines.map(&:rtl) }
    assert_equal [ false, true, false, true, true, false ], reads.("Tide\nים\n\u200Eים\n\u200FTide\n\u200F12\n12")
    assert_equal Usher::Text::Faces.fetch("read").width("Tide"), Usher::Text::Faces.fetch("read").width("\u200FTi\u00ADde\u200E")
  end

  def test_faces_measure_what_they_have
    assert_in_delta FACE.width("tide") * 2, FACE.width("tidetide"), 1e-9
    assert_operator Usher::Text::Faces.fetch("read", bold: true).width("tide"), :>, FACE.width("tide")
  end
  def test_figures_of_the_reading_face_come_from_another_which_stands_before_it_everywhere
    figures = Usher::Text::Face.new(File.join(Usher::Text::Faces::VENDOR, "figures.ttf"))
    assert_in_delta figures.width("10:30".delete(":")) + FACE.width(":"), FACE.width("10:30"), 0.0001
    refute figures.covers?("O"), "nothing but figures is in it"
    assert_equal [ "Noto Sans", "Atkinson Hyperlegible Next" ], Usher::Text::Faces.family("read").split(", ").first(2)
    refute_includes Usher::Text::Faces.family("hand"), "Noto Sans,"
  end
end
