require "core_test"

class NibTest < CoreTest
  def stroke_widths(points, stroke_width = 10) = Usher::Ink::Nib.stroke_widths(points, stroke_width)
  def straight(step, pressure: nil, ms: 10, count: 60) = Array.new(count) { |n| [ n * step, 0.0, pressure, n * ms ] }

  def test_harder_is_broader
    middles = [ 0.1, 0.4, 0.5, 0.9 ].map { |pressure| stroke_widths(straight(5, pressure: pressure))[30] }
    assert_equal middles.sort.uniq, middles
    assert_in_delta 10, middles[2], 1e-9
  end

  def test_without_pressure_slow_is_broader_than_fast
    assert_operator stroke_widths(straight(2))[30], :>, stroke_widths(straight(30))[30] * 1.3
  end

  def test_the_stroke_width_stays_within_reason_at_any_speed
    [ 0, 0.01, 5, 500, 90_000 ].each do |step|
      stroke_widths(straight(step)).each { |stroke_width| assert_includes 0.3 * 4..16.0, stroke_width }
    end
  end

  def test_both_ends_taper_and_a_dot_stays_a_dot
    long = stroke_widths(straight(5, pressure: 0.5))
    assert_in_delta 3, long.first, 0.01
    assert_in_delta 3, long.last, 0.01
    assert_equal long.max, long[30]
    assert_equal [ 10.0 ], stroke_widths([ [ 4, 4, 0.5, 0 ] ])
    assert_operator stroke_widths([ [ 0, 0, 0.5, 0 ], [ 1, 0, 0.5, 5 ] ]).min, :>, 9.5
  end

  def test_points_at_the_same_moment_do_not_divide_by_nothing
    assert stroke_widths([ [ 0, 0, nil, 5 ], [ 9, 0, nil, 5 ], [ 20, 0, nil, 5 ] ]).all?(&:finite?)
  end
end
