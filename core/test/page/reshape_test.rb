require "core_test"

class ReshapeTest < CoreTest
  def page(*items) = Usher::Page::Memory.new.tap { |page| page.run(put(*items)) }
  def box(page, id) = page.find([ id ]).values.first.item.box.to_a.map { |number| number.round(1) }

  def test_move_adds_a_distance
    page = page(item("rectangle", id: "a"), item("ellipse", id: "b", x: 0))
    page.run({ "verb" => "move", "ids" => %w[a b], "by" => [ 10, -5.5 ] })
    assert_equal [ [ 110, 44.5, 200, 100, 0 ], [ 10, 44.5, 200, 100, 0 ] ], [ box(page, "a"), box(page, "b") ]
  end

  def test_scale_keeps_the_fixed_point
    page = page(item("rectangle", id: "a"))
    page.run({ "verb" => "scale", "ids" => [ "a" ], "about" => [ 100, 50 ], "by" => [ 2, 0.5 ] })
    assert_equal [ 100, 50, 400, 50, 0 ], box(page, "a")
  end

  def test_scaling_a_turned_item_along_its_own_axes_keeps_the_corner_across
    page = page(item("rectangle", id: "a", angle: 30))
    corner = page.find([ "a" ]).values.first.item.box.corners.first
    page.run({ "verb" => "scale", "ids" => [ "a" ], "about" => corner, "by" => [ 1.5, 3 ], "angle" => 30 })
    page.find([ "a" ]).values.first.item.box.corners.first.zip(corner) { |is, was| assert_in_delta was, is, 0.02 }
    assert_equal [ 300, 300 ], box(page, "a")[2, 2]
  end

  def test_an_item_across_the_frame_swaps_its_factors
    page = page(item("rectangle", id: "a", angle: 90))
    page.run({ "verb" => "scale", "ids" => [ "a" ], "about" => [ 0, 0 ], "by" => [ 1, 2 ] })
    assert_equal [ 400, 100 ], box(page, "a")[2, 2]
  end

  def test_text_grows_its_letters_when_scaled_evenly_and_breaks_anew_when_pulled
    page = page(item("text", id: "t", text: "spring tide", size: 40, width: 400))
    page.run({ "verb" => "scale", "ids" => [ "t" ], "about" => [ 0, 0 ], "by" => [ 0.5, 0.5 ] })
    assert_equal 20, page.find([ "t" ]).values.first.item.size
    page.run({ "verb" => "scale", "ids" => [ "t" ], "about" => [ 0, 0 ], "by" => [ 0.3, 1 ] })
    text = page.find([ "t" ]).values.first.item
    assert_equal 20, text.size
    assert_equal 2 * 20 * 1.3, text.height
  end

  def test_rotate_turns_places_and_angles
    page = page(item("rectangle", id: "a", x: 100, y: 0, width: 20, height: 20))
    page.run({ "verb" => "rotate", "ids" => [ "a" ], "about" => [ 0, 0 ], "angle" => 90 })
    assert_equal [ -20, 100, 20, 20, 90 ], box(page, "a")
    4.times { page.run({ "verb" => "rotate", "ids" => [ "a" ], "about" => [ 0, 0 ], "angle" => 90 }) }
    assert_equal [ -20, 100, 20, 20, 90 ], box(page, "a")
  end

  def test_each_is_taken_back_exactly
    [ { "verb" => "move", "by" => [ 7.3, 2 ] }, { "verb" => "scale", "about" => [ 3, 4 ], "by" => [ 1.7, 0.4 ] }, { "verb" => "rotate", "about" => [ 9, 9 ], "angle" => 33.3 } ].each do |operation|
      page = page(item("rectangle", id: "a", angle: 12), item("ink", id: "b"), item("text", id: "c"))
      before = page.stack.map(&:to_h)
      page.run(page.run(operation.merge("ids" => %w[a b c])).inverse)
      assert_equal before, page.stack.map(&:to_h)
    end
  end

  def test_what_is_no_distance_size_or_angle_is_refused
    page = page(item("rectangle", id: "a"))
    [ { "verb" => "move", "by" => [ 1 ] }, { "verb" => "move", "by" => nil }, { "verb" => "move", "by" => [ Float::NAN, 0 ] },
      { "verb" => "scale", "about" => [ 0, 0 ], "by" => [ 0, 1 ] }, { "verb" => "scale", "about" => "x", "by" => [ 1, 1 ] },
      { "verb" => "rotate", "about" => [ 0, 0 ], "angle" => "9" }, { "verb" => "move", "by" => [ 150_000, 0 ] }, { "verb" => "reshape" } ].each do |operation|
      assert_invalid { page.run(operation.merge("ids" => [ "a" ])) }
    end
    assert_equal [ 100, 50, 200, 100, 0 ], box(page, "a")
  end
end
