require "core_test"

class SpotTest < CoreTest
  SIZE = [ 1600, 900 ].freeze

  def spot(*boxes) = Usher::Page::Spot.new(boxes.map { |box| Usher::Geometry::Box.new(*box, 0) }, SIZE)

  def test_on_an_empty_page_it_lies_where_it_was_asked_for
    assert_equal [ 700, 300 ], spot.take(200, 100, [ 700, 300 ])
  end

  def test_beside_what_is_there_with_a_gap
    x, y = spot([ 600, 250, 200, 100 ]).take(200, 100, [ 700, 300 ])
    assert_operator [ (x - 700).abs - 200, (y - 300).abs - 100 ].max, :>=, 20
    assert_operator Math.hypot(x - 700, y - 300), :<, 200
  end

  def test_several_lie_beside_each_other
    page = spot
    places = Array.new(6) { page.take(300, 200, [ 800, 450 ]) }
    places.combination(2) { |(ax, ay), (bx, by)| assert (ax - bx).abs >= 320 || (ay - by).abs >= 220 }
    places.each { |x, y| assert x.between?(150, 1450) && y.between?(100, 800), "on the page" }
  end

  def test_asked_for_outside_it_comes_onto_the_page
    x, y = spot.take(200, 100, [ 5_000, -300 ])
    assert_equal [ 1600 - 40 - 100, 40 + 50 ], [ x, y ]
  end

  def test_where_all_is_taken_it_lies_on_the_least
    x, = spot([ 0, 0, 1600, 900 ], [ 0, 0, 1100, 900 ]).take(300, 300, [ 400, 450 ])
    assert_operator x, :>=, 1250
  end

  def test_what_is_larger_than_the_page_lies_in_its_middle
    assert_equal [ 800, 450 ], spot.take(3_000, 2_000, [ 10, 10 ])
  end
end
