require "core_test"

# A text is as wide as its words until a hand sets its width.
class RoomTest < CoreTest
  def text(words, **values) = Usher::Items.build({ "kind" => "text", "id" => "t", "x" => 100, "y" => 50, "width" => 600, "room" => 600, "text" => words, **values.transform_keys(&:to_s) })
  def wide(words, size = 36) = (Usher::Text::Faces.fetch("read").width(words) * size).round(2)

  def test_it_is_as_wide_as_its_widest_line
    assert_in_delta wide("ebb and flow"), text("ebb and flow").width, 0.02
    assert_in_delta wide("ebb and flow"), text("ebb\nebb and flow\nflow").width, 0.02
    long = text("the sea comes in twice a day and goes out again " * 3)
    assert_operator long.width, :<=, 600
    assert_operator long.lines.size, :>, 2
    assert_equal 36, text("").width, "an empty one can still be found"
  end

  def test_words_that_come_and_go_widen_it_at_the_end_where_it_is_read_to
    short = text("ebb")
    assert_equal 100, short.x
    longer = short.change("text" => "ebb and flow")
    assert_equal [ 100, wide("ebb and flow") ], [ longer.x, longer.width ]
    assert_equal short.to_h, longer.change("text" => "ebb").to_h
  end

  def test_its_middle_or_its_right_side_stays_where_it_is_set_so
    assert_in_delta 400, text("ebb", align: "middle").then { |item| item.x + item.width / 2 }, 0.02
    assert_in_delta 400, text("ebb", align: "middle").change("text" => "ebb and flow").then { |item| item.x + item.width / 2 }, 0.02
    assert_in_delta 700, text("ebb", align: "right").then { |item| item.x + item.width }, 0.02
    assert_in_delta 700, text("שלום").then { |item| item.x + item.width }, 0.02, "read from the right"
    assert_in_delta 100, text("שלום", align: "right").x, 0.02
  end

  def test_a_rotated_one_keeps_its_corner
    was = text("ebb", angle: 30)
    now = was.change("text" => "ebb and flow and ebb")
    was.box.to_page(0, 0).zip(now.box.to_page(0, 0)).each { |one, other| assert_in_delta one, other, 0.02 }
  end

  def test_a_width_set_by_hand_stays
    set = text("ebb").change("width" => 320)
    assert_nil set.room
    assert_equal 320, set.width
    assert_equal 320, set.change("text" => "ebb and flow and ebb and flow and ebb").width
  end

  def test_pulled_evenly_its_room_grows_with_its_letters
    page = laid(text("ebb and flow"))
    was = page.stack.first.item
    page.run({ "verb" => "place", "ids" => [ "t" ], "set" => { "width" => was.width * 2, "height" => was.height * 2 } })
    assert_equal [ 72, 1200 ], [ page.stack.first.item.size, page.stack.first.item.room ]
    assert_in_delta was.width * 2, page.stack.first.item.width, 0.1
    page.run({ "verb" => "place", "ids" => [ "t" ], "set" => { "width" => 500 } })
    assert_equal [ 500, nil ], [ page.stack.first.item.width, page.stack.first.item.room ]
  end

  def test_undoing_a_width_gives_the_room_back
    page = laid(text("ebb and flow"))
    was = page.stack.first.item.to_h
    inverse = page.run({ "verb" => "place", "ids" => [ "t" ], "set" => { "width" => 500 } }).inverse
    page.run(inverse)
    assert_equal was, page.stack.first.item.to_h
  end

  def test_where_lines_break_does_not_depend_on_how_wide_it_became
    item = text("the sea comes in twice a day, and when can we walk to the lighthouse with dry feet")
    assert_equal item.lines, Usher::Items.restore(item.to_h).lines
    assert_equal item.lines, item.change("colour" => "#ff0000").lines
  end

  private

  def laid(item) = Usher::Page::Memory.new([ Usher::Page::Placed.new(item, 1) ])
end
