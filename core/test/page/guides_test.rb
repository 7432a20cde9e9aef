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

  private

  def box(x, y, width, height) = Usher::Geometry::Box.new(x, y, width, height, 0)
  def guides(moving, others) = Usher::Page::Guides.new(moving, others).to_h
  def by(axis, moving, others) = guides(moving, others)[axis].map { |guide| guide["by"] }
end
