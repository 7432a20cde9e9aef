require "core_test"

class CurveTest < CoreTest
  def test_a_curve_goes_through_the_ends_and_the_middles_in_twentieths
    assert_equal "M0 0l100 0q100 0 180 60l80 60", Usher::Ink::Curve.new([ [ 0, 0 ], [ 10, 0 ], [ 18, 6 ] ]).path
    assert_equal "M0 0l100 0l100 0l0 100l0 100", Usher::Ink::Curve.new([ [ 0, 0 ], [ 10, 0 ], [ 10, 10 ] ]).path, "a sharp turn is reached"
    assert_equal Usher::Ink::Curve.new([ [ 0, 0 ], [ 10, 0 ], [ 0, 0 ] ]).path, Usher::Ink::Curve.new([ [ 0, 0 ], [ 0, 0 ], [ 10, 0 ], [ 10, 0.01 ], [ 0, 0 ] ]).path
    assert_equal "M0 0l100 0l100 0", Usher::Ink::Curve.new([ [ 0, 0 ], [ 10, 0 ] ]).path
    assert_equal "M60 60h1", Usher::Ink::Curve.new([ [ 3, 3 ] ]).path
  end

  def test_steps_add_up_without_drift
    points = Array.new(400) { |n| [ n * 0.33, Math.sin(n / 9.0) * 7.77 ] }
    path = Usher::Ink::Curve.new(points).path
    numbers = path.scan(/[lq]([^lqM]+)/).flatten
    ends = [ numbers[0].split.map(&:to_i), *numbers[1].split.map(&:to_i).each_slice(4).map { |step| step.last(2) }, numbers[2].split.map(&:to_i) ]
    assert_equal points.last.map { |n| (n * 20).round }, ends.transpose.map(&:sum)
  end
end
