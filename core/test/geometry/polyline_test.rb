require "core_test"

class PolylineTest < CoreTest
  Polyline = Usher::Geometry::Polyline

  def test_the_nearest_place_of_an_open_way_is_given_as_a_share_of_its_length
    line = Polyline.new([ [ 0, 0 ], [ 100, 0 ], [ 100, 300 ] ])
    assert_equal 400, line.length
    assert_equal 0.125, line.nearest([ 50, -20 ])
    assert_equal [ 100.0, 100.0 ], line.at(line.nearest([ 400, 100 ]))
    assert_equal [ 1.0, 0.0 ], [ line.nearest([ 90, 900 ]), line.nearest([ -5, -5 ]) ]
  end

  def test_stops_of_an_open_way_have_both_ends_and_those_of_a_closed_one_meet
    open, closed = Polyline.new([ [ 0, 0 ], [ 100, 0 ] ]), Polyline.new([ [ 0, 0 ], [ 100, 0 ], [ 50, 80 ] ], closed: true)
    assert_equal [ 0, 0.5, 1 ], [ 0.2, 0.6, 0.9 ].map { |share| open.stop(share, 3) }
    assert_equal [ 0, 0.5, 0 ], [ 0.1, 0.6, 0.9 ].map { |share| closed.stop(share, 4).then { |stop| stop == 0.5 ? 0.5 : stop } }
    assert_equal 0, open.stop(0.7, 1)
  end

  def test_a_way_of_one_place_has_no_length_and_keeps_everything_there
    line = Polyline.new([ [ 7, 8 ], [ 7, 8 ] ])
    assert_equal [ 0.0, [ 7, 8 ] ], [ line.nearest([ 90, 90 ]), line.at(0.4) ]
  end

  def test_inside_is_by_the_even_odd_rule
    line = Polyline.new([ [ 0, 0 ], [ 100, 0 ], [ 100, 100 ], [ 50, 40 ], [ 0, 100 ] ], closed: true)
    assert line.inside?([ 20, 50 ])
    refute line.inside?([ 50, 80 ])
    refute line.inside?([ 150, 50 ])
  end

  def test_ellipses_and_curves_are_never_further_from_their_samples_than_the_tolerance
    [ [ 300, 300 ], [ 800, 20 ], [ 3, 3 ] ].each do |across, down|
      points = Polyline.ellipse(across, down)
      line = Polyline.new(points, closed: true)
      off = (0...720).map { |n| [ across * Math.cos(n * Math::PI / 360), down * Math.sin(n * Math::PI / 360) ] }.map { |point| distance(point, line.at(line.nearest(point))) }.max
      assert_operator off, :<=, Polyline::TOLERANCE + 1e-9
    end
    knots = [ [ 0, 0 ], [ 400, -900 ], [ -300, 700 ], [ 900, 100 ] ]
    line = Polyline.new([ knots.first, *Polyline.bezier(knots) ])
    off = (0..400).map { |n| Polyline.on_bezier(knots, n / 400.0) }.map { |point| distance(point, line.at(line.nearest(point))) }.max
    assert_operator off, :<=, Polyline::TOLERANCE
  end

  def test_thinning_keeps_the_point_that_is_furthest_from_the_segment_not_from_its_line
    bent = [ [ 0, 0 ], [ 10, 0 ], [ 30, 1 ], [ 50, 40 ], [ 60, 0 ], [ 100, 0 ] ]
    assert_includes Usher::Geometry::Polyline.simplify(bent), [ 50, 40 ]
    index, distance = Usher::Geometry::Polyline.send(:furthest, [ [ 0, 0 ], [ 20, 8 ], [ 50, 10 ], [ 100, 20 ] ], 0, 3)
    assert_equal 1, index
    assert_in_delta 3.92, distance, 0.01
    assert_equal [ 2, 10.0 ], Usher::Geometry::Polyline.send(:furthest, [ [ 0, 0 ], [ 4, 0 ], [ 20, 0 ], [ 10, 0 ] ], 0, 3)
  end

  def test_thinning_is_the_same_wherever_the_line_lies
    points = [ [ 0, 0 ], [ 20, 0.02 ], [ 40, 0 ], [ 60, 9 ], [ 80, 0 ] ]
    thin = Polyline.simplify(points)
    assert_equal thin, Polyline.simplify(points.map { |x, y| [ x + 500, y + 900 ] }).map { |x, y| [ x - 500, (y - 900).round(6) ] }
    assert_equal 4, thin.size
  end

  def test_thinning_keeps_the_line_and_drops_what_it_passes_anyway
    points = (0..100).map { |n| [ n, n == 50 ? 5 : 0 ] }
    thin = Polyline.simplify(points)
    assert_equal [ [ 0, 0 ], [ 49, 0 ], [ 50, 5 ], [ 51, 0 ], [ 100, 0 ] ], thin
  end

  def test_a_curve_is_where_its_formula_says
    a, b, c, d = knots = [ [ 0, 0 ], [ 400, -900 ], [ -300, 700 ], [ 900, 100 ] ]
    [ 0, 0.2, 0.5, 1 ].each do |t|
      is = [ 0, 1 ].map { |axis| a[axis] * (1 - t)**3 + 3 * b[axis] * t * (1 - t)**2 + 3 * c[axis] * t**2 * (1 - t) + d[axis] * t**3 }
      Polyline.on_bezier(knots, t).zip(is) { |one, other| assert_in_delta other, one, 1e-9 }
    end
    assert_equal [ [ 9, 9 ] ], Polyline.bezier([ [ 0, 0 ], [ 9, 9 ] ]).map { |point| point.map(&:round) }, "a straight one has no points between"
    assert_equal 69, Polyline.bezier([ [ 0, 0 ], [ 100, 0 ], [ 200, 0 ], [ 300, 190 ] ]).size, "as many as its sharpest bend needs"
    assert_equal 29, Polyline.bezier([ [ 0, 0 ], [ 50, 0 ], [ 100, 96 ] ]).size, "no more than the bound of flattening asks for"
  end

  def test_positions_on_the_corners_and_beyond_the_ends
    line = Polyline.new([ [ 0, 0 ], [ 100, 0 ], [ 100, 300 ] ])
    assert_equal [ [ 0.0, 0.0 ], [ 100.0, 0.0 ], [ 100.0, 300.0 ], [ 100.0, 300.0 ], [ 0.0, 0.0 ] ], [ 0, 0.25, 1, 7, -1 ].map { |share| line.at(share) }
    assert_equal [ 0, 1 ], [ 0.4, 0.6 ].map { |share| line.stop(share, 2) }
  end

  def test_boxes_meet_where_their_edges_touch
    box = ->(x, y) { Usher::Geometry::Box.new(x, y, 100, 50, 0) }
    [ [ 100, 0 ], [ -100, 0 ], [ 0, 50 ], [ 0, -50 ] ].each { |at| assert box.(0, 0).meets?(box.(*at)), at.to_s }
    [ [ 101, 0 ], [ -101, 0 ], [ 0, 51 ], [ 0, -51 ] ].each { |at| refute box.(0, 0).meets?(box.(*at)), at.to_s }
  end

  private

  def distance((ax, ay), (bx, by)) = Math.hypot(ax - bx, ay - by)
end
