require "core_test"

class GuidesTest < CoreTest
  def test_edges_go_to_edges_and_to_the_edge_across_and_middles_to_middles
    across = by("across", box(500, 600, 100, 80), [ box(200, 100, 160, 60) ])
    { 200 - 500 => "left to left", 360 - 600 => "right to right", 200 - 600 => "right to left", 360 - 500 => "left to right", 280 - 550 => "middle to middle" }.each { |distance, words| assert_includes across, distance.to_f, words }
    refute_includes across, (280 - 500).to_f, "an edge does not go to a middle"
    down = by("down", box(500, 600, 100, 80), [ box(200, 100, 160, 60) ])
    assert_includes down, 130.0 - 640
  end

  def test_the_page_has_edges_and_a_middle_too
    across = by("across", box(500, 600, 100, 80), [])
    [ -500.0, 250.0, 1000.0 ].each { |distance| assert_includes across, distance }
    assert_includes by("down", box(500, 600, 100, 80), []), 450.0 - 640
  end

  def test_equal_gaps_beside_two_neighbours_and_between_them
    guides = guides(box(900, 210, 50, 80), [ box(100, 200, 100, 100), box(300, 200, 100, 100) ])["across"].select { |guide| guide["gaps"] }
    places = guides.map { |guide| guide["by"] + 900 }
    assert_includes places, 500.0, "as far behind the second as it is behind the first"
    assert_includes places, 100.0 - 100 - 50, "before the first"
    assert_includes places, 225.0, "midway"
    midway = guides.find { |guide| guide["by"] + 900 == 225.0 }
    assert_equal [ [ 200.0, 225.0 ], [ 275.0, 300.0 ] ], midway["gaps"].map { |gap| gap.first(2) }
    assert_equal [ 120.0, 300.0 ], midway["within"], "only while it is level with both"
  end

  def test_there_is_no_midway_where_it_does_not_fit_and_no_gap_between_what_overlaps
    guides = guides(box(900, 210, 150, 80), [ box(100, 200, 100, 100), box(300, 200, 100, 100) ])["across"].select { |guide| guide["gaps"] }
    refute_includes guides.map { |guide| guide["by"] + 900 }, 175.0
    assert_empty guides(box(900, 210, 50, 80), [ box(100, 200, 100, 100), box(150, 200, 100, 100) ])["across"].select { |guide| guide["gaps"] }
    far = guides(box(900, 800, 50, 40), [ box(100, 0, 100, 50), box(300, 0, 100, 50) ])["across"].select { |guide| guide["gaps"] }
    assert_empty far, "what is not level with it is no neighbour"
  end

  def test_gaps_count_as_far_as_the_things_own_heights_reach_the_edge_included
    level = ->(y) { guides(box(900, y, 50, 100), [ box(100, 200, 100, 100), box(300, 200, 100, 100) ])["across"].any? { |guide| guide["gaps"] } }
    assert level.(400), "the middles are as far apart as both are high"
    refute level.(401)
  end

  def test_what_falls_together_is_one_guide_and_there_are_never_too_many
    guides = guides(box(500, 500, 100, 100), Array.new(400) { |n| box(n * 3, n * 2, 40, 30) })
    guides.each_value do |axis|
      assert_operator axis.size, :<=, Usher::Page::Guides::MOST
      assert_equal axis.map { |guide| guide["by"] }, axis.map { |guide| guide["by"] }.sort_by(&:abs), "the nearest first"
    end
    same = guides(box(500, 500, 100, 100), [ box(100, 0, 50, 50), box(100, 300, 80, 50) ])["across"].select { |guide| guide["by"] == -400.0 }
    assert_equal [ 2 ], same.map { |guide| guide["lines"].size }
  end

  def test_lines_reach_from_one_side_of_what_they_align_with_to_the_other
    line = guides(box(500, 600, 100, 80), [ box(200, 100, 160, 60) ])["across"].find { |guide| guide["by"] == -300.0 }["lines"]
    assert_equal [ [ 200.0, 100.0, 160.0 ] ], line
  end

  def test_of_many_lines_in_one_place_the_first_four_are_shown_each_once
    boxes = Array.new(6) { |n| box(200, n * 100, 160, 60) } + [ box(200, 0, 160, 60) ]
    lines = guides(box(500, 600, 100, 80), boxes)["across"].find { |guide| guide["by"] == -300.0 }["lines"]
    assert_equal [ 0.0, 100.0, 200.0, 300.0 ], lines.map { |line| line[1] }
  end

  def test_of_too_many_the_nearest_stay
    near = by("across", box(500, 500, 100, 100), Array.new(400) { |n| box(n * 3.5, 0, 40, 30) }).map(&:abs)
    assert_operator near.max, :<, 200
  end

  def test_neighbours_are_the_first_in_the_row
    row = Array.new(30) { |n| box(n * 100, 200, 40, 100) }.shuffle(random: Random.new(1))
    places = guides(box(5_000, 200, 40, 100), row)["across"].filter_map { |guide| guide["gaps"]&.flatten&.max }
    assert_operator places.max, :<, 100 * 24 * 2
    assert guides(box(0, 210, 20, 80), row)["across"].any? { |guide| guide["gaps"]&.flatten&.min == -60.0 }, "before the first of all"
  end

  def test_a_midway_that_fits_exactly_is_one_and_gaps_are_shown_in_the_middle_of_what_both_share
    touching = guides(box(900, 210, 100, 80), [ box(100, 200, 100, 100), box(300, 240, 100, 120) ])["across"].find { |guide| guide["by"] == 200.0 - 900 && guide["gaps"] }
    assert_equal [ [ 200.0, 200.0, 270.0 ], [ 300.0, 300.0, 270.0 ] ], touching["gaps"]
    assert_equal [ 160.0, 300.0 ], touching["within"], "level with both: from the lower top less its own height to the upper foot"
  end

  def test_neighbours_that_nothing_can_be_level_with_give_no_gaps
    gaps = ->(y) { guides(box(900, 205, 50, 10), [ box(100, 0, 100, 200), box(300, y, 100, 200) ])["across"].count { |guide| guide["gaps"] } }
    assert_equal [ 3, 0 ], [ gaps.(210), gaps.(211) ]
  end

  private

  def box(x, y, width, height) = Usher::Geometry::Box.new(x, y, width, height, 0)
  def guides(moving, others) = Usher::Page::Guides.new(moving, others).to_h
  def by(axis, moving, others) = guides(moving, others)[axis].map { |guide| guide["by"] }
end
