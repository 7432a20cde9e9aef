require "core_test"

class KindsTest < CoreTest
  def test_a_fresh_stroke_finds_its_box_and_keeps_its_points_in_it
    ink = stroke([ [ 110, 220, 0.5, 0 ], [ 130, 200, 0.5, 16 ] ])
    assert_equal [ 110, 200, 20, 20 ], [ ink.x, ink.y, ink.width, ink.height ]
    assert_equal [ [ 0, 20, 0.5, 0 ], [ 20, 0, 0.5, 16 ] ], ink.points
    assert_equal 16, ink.duration
  end

  def test_a_resized_stroke_scales_its_line_and_its_pen
    ink = stroke([ [ 0, 0 ], [ 10, 10 ] ], stroke_width: 4).change("width" => 40, "height" => 40)
    assert_includes ink.draw, "M0 0l400 400l400 400"
    assert_includes ink.draw, 'stroke-width="320"'
  end

  def test_a_dot_and_a_straight_stroke_have_no_size_to_divide_by
    assert_includes stroke([ [ 5, 5 ] ]).draw, "M0 0h1"
    refute_match(/NaN|Infinity/, stroke([ [ 5, 5 ], [ 5, 90 ] ]).change("width" => 30).draw)
  end

  def test_a_lively_nib_makes_an_outline_to_fill
    svg = stroke([ [ 0, 0, 0.1 ], [ 40, 0, 0.9 ], [ 80, 0, 0.2 ] ], nib: "lively").draw
    assert_includes svg, 'fill="#231a1e"'
    refute_includes svg, "stroke-width"
  end

  def test_bad_strokes_are_refused_in_words
    assert_invalid(/no points/) { stroke([]) }
    assert_invalid(/more than/) { stroke(Array.new(5_001) { [ 0, 0 ] }) }
    assert_invalid { stroke([ [ 0, Float::NAN ] ]) }
    assert_invalid { stroke([ [ 0, 1e7 ] ]) }
    assert_invalid { stroke([ [ 0, 0, 2 ] ]) }
    assert_invalid { stroke([ [ 0, 0, nil, 5 ], [ 0, 0, nil, 4 ] ]) }
    assert_invalid { stroke("M0 0") }
    assert_invalid(/colour/) { stroke([ [ 0, 0 ] ], colour: "url(#x)") }
  end

  def test_text_height_follows_its_lines_and_nobody_else
    text = item("text", text: "one\ntwo", size: 40, width: 500)
    assert_equal 2 * 40 * 1.3, text.height
    assert_equal text.height, text.change("height" => 900).height
    assert_equal 3 * 40 * 1.3, text.change("text" => "one\ntwo\nthree").height
    assert_equal 2, text.draw.scan("<text ").size
  end

  def test_text_is_escaped
    assert_includes item("text", text: "<script>&\u0001", width: 900).draw, "&lt;script&gt;&amp;<"
    assert_invalid(/longer than/) { item("text", text: "a" * 10_001) }
  end

  def test_a_note_grows_for_its_text_and_never_shrinks_below_its_size
    note = item("note", text: "Boots", height: 300)
    assert_equal 300, note.height
    assert_operator note.change("text" => "Boots\n" * 20).height, :>, 600
  end

  def test_arrow_heads_stay_on_the_line
    refute_match(/NaN/, item("arrow", width: 0, height: 0).draw)
    assert_includes item("arrow", width: 200, height: 0).draw, "200,0"
  end

  def test_a_line_keeps_its_direction_as_shares_of_the_box
    assert_includes item("line", ends: [ [ 0, 1 ], [ 1, 0 ] ]).draw, 'x1="0" y1="100" x2="200" y2="0"'
    assert_invalid { item("line", ends: [ [ 0, 2 ], [ 1, 0 ] ]) }
  end

  def test_an_activity_card_shows_as_many_tiles_as_fit
    wide = item("activity", width: 900, height: 500).draw
    assert_includes wide, "11:30"
    refute_includes item("activity", width: 100, height: 90).draw, "11:30"
  end
end
