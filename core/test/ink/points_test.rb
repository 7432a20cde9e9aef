require "core_test"

class PointsTest < CoreTest
  Points = Usher::Ink::Points

  # Numbers as a browser sends them, some without pressure, some whole.
  def any(random, size)
    Points.new(Array.new(size) { |n| [ (random.rand * 900).round(random.rand(3)), (random.rand * 500 - 100).round(2), (random.rand.round(3) if random.rand < 0.8), n * 7 ] })
  end

  def box(points) = points.map(&:first).minmax.zip(points.map { |point| point[1] }.minmax).flatten

  def test_boxes_and_json_are_those_of_the_points
    random = Random.new(5)
    60.times do
      points = any(random, random.rand(1..80))
      assert_equal box(points), points.bounds
      assert_equal JSON.generate(points.map(&:itself)), JSON.generate({ "points" => points })[10..-2]
      points.runs.each { |first, last, *edges| assert_equal box(points[first..last]), edges }
      assert_equal [ 0, points.size - 1 ], [ points.runs.first[0], points.runs.last[1] ]
      points.runs.each_cons(2) { |one, following| assert_equal one[1], following[0] }
    end
  end

  def test_a_stretch_is_as_if_it_had_been_found_out_anew
    random = Random.new(6)
    200.times do
      points = any(random, random.rand(2..70))
      from, to = Array.new(2) { random.rand * (points.size - 1) }.sort
      from, to = from.floor, to.ceil if random.rand < 0.3
      part = points.stretch(from, to)
      plain = Points.new(part.map(&:itself))
      assert_equal [ points.at(from), *points[(from.floor + 1)..(to.ceil - 1)], points.at(to) ], part unless from == to
      assert_equal [ JSON.generate(part.map(&:itself)), plain.bounds ], [ part.to_json, part.bounds ]
      assert_equal [ plain.stretch(0, part.size - 1.5), plain.stretch(0, part.size - 1.5).to_json ], [ part.stretch(0, part.size - 1.5), part.stretch(0, part.size - 1.5).to_json ] if part.size > 1
    end
  end

  def test_between_two_points_pressure_and_time_are_in_between
    points = Points.new([ [ 0.0, 0.0, 0.2, 0 ], [ 100.0, 50.0, 0.8, 1_000 ], [ 200.0, 50.0, nil, 2_000 ] ])
    assert_equal [ 25.0, 12.5, 0.35, 250 ], points.at(0.25)
    assert_equal [ 150.0, 50.0, 0.8, 1_500 ], points.at(1.5)
    assert_equal points[1], points.at(1)
  end
end
