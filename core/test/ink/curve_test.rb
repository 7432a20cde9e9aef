require "core_test"

class CurveTest < CoreTest
  def test_a_curve_goes_through_the_ends_and_the_middles
    path = Usher::Ink::Curve.new([ [ 0, 0 ], [ 10, 0 ], [ 10, 10 ] ]).path
    assert_equal "M0 0L5 0Q10 0 10 5L10 10", path
  end

  def test_samples_begin_and_end_with_the_stroke
    points = [ [ 0, 0, 0.2 ], [ 10, 0, 0.4 ], [ 20, 5, 0.6 ], [ 30, 5, 0.8 ] ]
    samples = Usher::Ink::Curve.new(points).samples
    assert_equal [ points.first, points.last ], [ samples.first, samples.last ]
    assert_equal samples.map { |sample| sample[2] }, samples.map { |sample| sample[2] }.sort
  end

  def test_an_outline_keeps_half_the_breadth_to_both_sides
    path = Usher::Ink::Outline.new([ [ 0, 0, 0.5 ], [ 100, 0, 0.5 ] ], 10).path
    assert path.start_with?("M0 -5L")
    assert_includes path, "A5 5 0 0 1"
  end

  def test_harder_is_broader
    breadths = [ 0, 0.25, 0.5, 1 ].map { |pressure| Usher::Ink::Outline.breadth(10, pressure) }
    assert_equal breadths.sort, breadths
    assert_equal 10, breadths[2]
  end

  def test_an_outline_of_one_place_is_a_disc
    assert_includes Usher::Ink::Outline.new([ [ 3, 3, 0.5 ], [ 3, 3, 0.5 ] ], 8).path, "a4 4"
  end

  def test_a_sharp_turn_gets_a_round_corner
    straight = Usher::Ink::Outline.new([ [ 0, 0, 0.5 ], [ 50, 0, 0.5 ], [ 100, 0, 0.5 ] ], 8).path
    back = Usher::Ink::Outline.new([ [ 0, 0, 0.5 ], [ 50, 0, 0.5 ], [ 0, 0.5, 0.5 ], [ 50, 1, 0.5 ] ], 8).path
    refute_includes straight, "a4 4"
    assert_includes back, "a4 4"
  end
end
