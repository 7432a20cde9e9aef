require "core_test"

class DashTest < CoreTest
  Dash = Usher::Items::Dash

  def test_a_line_is_broken_by_a_word_or_by_lengths_of_its_own
    [ "solid", "dashed", "dotted", "8 3", "8 3 1 3", "0.5 1.25" ].each { |value| assert_equal value, Dash::Type.new.call(value) }
    [ nil, 3, "", "wavy", "8", "8 3 1", "8 -3", "1e3 1", "0 0", "1 1\nx", ([ "1 1" ] * 17).join(" "), "8  3", [ 8, 3 ] ].each { |value| assert_raises(Usher::Invalid, value.inspect) { Dash::Type.new.call(value) } }
  end

  def test_lengths_are_in_stroke_widths
    assert_equal [ nil, "6 4.8", "16 6 2 6" ], [ "solid", "dashed", "8 3 1 3" ].map { |kind| Dash.array(kind, 2) }
    assert_equal [ "round", "round", "butt", nil ], [ Dash.cap("solid"), Dash.cap("dotted"), Dash.cap("8 3"), Dash.cap("solid", solid: nil) ]
  end

  def test_lengths_of_a_file_are_kept_within_what_a_line_may_have
    assert_equal [ "8 3", "0.01 999", "dashed", "dashed" ], [ [ [ 8, 3 ] ], [ [ 0, 1e9 ] ], [], [ [ 1, 1 ] ] * 17 ].map { |lengths| Dash.own(lengths) }
  end

  def test_lines_and_shapes_are_drawn_so
    line = Usher::Items.build({ "kind" => "line", "id" => "l", "x" => 0, "y" => 0, "width" => 90, "height" => 0, "ends" => [ [ 0, 0 ], [ 1, 0 ] ], "stroke_width" => 2, "dash" => "8 3" })
    box = Usher::Items.build({ "kind" => "rectangle", "id" => "r", "x" => 0, "y" => 0, "width" => 90, "height" => 60, "stroke_width" => 2, "dash" => "8 3" })
    [ line, box ].each { |item| assert_match(/stroke-dasharray="16 6"/, item.draw) && assert_match(/stroke-linecap="butt"/, item.draw) }
  end
end
