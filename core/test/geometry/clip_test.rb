require "core_test"

class ClipTest < CoreTest
  Clip = Usher::Geometry::Clip
  SQUARE = [ [ 0, 0 ], [ 10, 0 ], [ 10, 10 ], [ 0, 10 ] ].freeze

  def test_what_is_left_of_a_polygon_covers_just_what_is_outside
    random = Random.new(7)
    40.times do
      polygon = Array.new(3 + random.rand(6)) { |n| Usher::Geometry.rotate([ random.rand(20.0..100.0), 0 ], n * 360.0 / 9) }
      quads = Array.new(1 + random.rand(3)) { Usher::Geometry::Box.new(random.rand(-80..40), random.rand(-80..40), random.rand(5..90), random.rand(5..90), random.rand(0..90)).corners }
      whole = Usher::Geometry::Polyline.new(polygon, closed: true)
      pieces = Clip.polygon(polygon, quads).map { |piece| Usher::Geometry::Polyline.new(piece, closed: true) }
      300.times do
        point = [ random.rand(-110.0..110.0), random.rand(-110.0..110.0) ]
        hidden = quads.any? { |quad| Usher::Geometry::Polyline.new(quad, closed: true).inside?(point) }
        wanted = whole.inside?(point) && !hidden ? 1 : 0
        assert_equal wanted, pieces.count { |piece| piece.inside?(point) }
      end
    end
  end

  def test_no_corner_of_what_is_left_is_within
    pieces = Clip.polygon([ [ -5, 2 ], [ 30, 5 ], [ -5, 8 ] ], [ SQUARE ])
    assert_operator pieces.size, :>, 1
    refute(pieces.flatten(1).any? { |x, y| x.between?(0.001, 9.999) && y.between?(0.001, 9.999) })
  end

  def test_a_polyline_is_cut_where_it_goes_in_and_comes_out
    assert_equal [ [ [ -5, 5 ], [ 0, 5 ] ], [ [ 10, 5 ], [ 15, 5 ] ] ], Clip.polyline([ [ -5, 5 ], [ 15, 5 ] ], [ SQUARE ])
    assert_equal [ [ [ -5, 5 ], [ -2, 5 ] ], [ [ 12, 5 ], [ 15, 5 ] ] ], Clip.polyline([ [ -5, 5 ], [ 15, 5 ] ], [ SQUARE ], margin: 2)
    assert_equal [ [ [ -5, -5 ], [ 15, -5 ] ] ], Clip.polyline([ [ -5, -5 ], [ 15, -5 ] ], [ SQUARE ])
    assert_empty Clip.polyline([ [ 2, 2 ], [ 8, 8 ] ], [ SQUARE ])
    assert_equal [ [ [ -5, 5 ], [ 0, 5 ] ], [ [ 5, 10 ], [ 5, 20 ], [ 9, 20 ] ] ], Clip.polyline([ [ -5, 5 ], [ 5, 5 ], [ 5, 20 ], [ 9, 20 ] ], [ SQUARE ])
  end

  def test_a_quadrilateral_of_no_width_takes_nothing_that_has_any
    assert_equal 100, Clip.polygon(SQUARE, [ [ [ 5, 0 ], [ 5, 0 ], [ 5, 10 ], [ 5, 10 ] ] ]).sum { |piece| area(piece) }.round(6)
  end

  private

  def area(points) = [ *points, points.first ].each_cons(2).sum { |(ax, ay), (bx, by)| ax * by - bx * ay }.abs / 2
end
