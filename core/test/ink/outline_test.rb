require "core_test"

class OutlineTest < CoreTest
  def outline(points, stroke_widths = nil) = Usher::Ink::Outline.new(points, stroke_widths || points.map { 10.0 }).path

  def test_it_keeps_half_the_stroke_width_to_both_sides
    path = outline([ [ 0, 0 ], [ 100, 0 ] ])
    assert path.start_with?("M0 -100l"), path
    assert_includes path, "a100 100 0 0 1 0 200"
    assert path.end_with?("Z")
  end

  def test_one_place_is_a_disc
    assert_includes outline([ [ 3, 3 ], [ 3, 3 ] ], [ 8.0, 8.0 ]), "a80 80"
  end

  def test_a_sharp_turn_gets_a_round_corner
    refute_includes outline([ [ 0, 0 ], [ 50, 0 ], [ 100, 0 ] ]), "0 1 1"
    path = outline([ [ 0, 0 ], [ 50, 0 ], [ 0, 0.5 ], [ 50, 1 ] ])
    assert_equal 3, path.count("M"), "a shape from turn to turn"
    assert_equal 6, path.scan("a100 100 0 0 1").size, "each with round ends, which meet in the turn"
    assert_includes outline([ [ 0, 0 ], [ 2, 0 ], [ 2, 2 ], [ 0, 2 ] ]), "a100 100 0 1 1", "a narrow bend is filled"
  end

  # A stretch is put together from the outline of the whole; here it is held against the outline of its own points.
  def test_a_stretch_looks_like_the_outline_of_its_points
    random = Random.new(17)
    60.times do
      points = wander(random, random.rand(2..40))
      widths = points.map { 2 + random.rand * 10 }
      whole = Usher::Ink::Outline.new(points, widths)
      from, to = [ random.rand * (points.size - 1), random.rand * (points.size - 1) ].sort
      from, to = from.round, to.round if random.rand < 0.2
      next if from == to
      own = [ *points.zip(widths).map { |(x, y), width| [ x, y, width ] } ]
      part = Usher::Ink::Points.new(own.map { |x, y, width| [ x, y, width, 0 ] }).stretch(from, to)
      expected = spots(Usher::Ink::Outline.new(part, part.map { |point| point[2] }).path)
      found = spots(whole.stretch(from, to, 40, 30)).map { |x, y| [ x + 800, y + 600 ] }
      ends = [ part.first, part.last ].map { |x, y| [ x * 20, y * 20 ] } # a leg that was cut may turn more or less sharply
      [ [ found, expected ], [ expected, found ] ].each do |some, others|
        some.each { |spot| assert_operator away(spot, others), :<, away(spot, ends) < 300 ? 130 : 40 }
      end
    end
  end

  def test_all_of_a_stroke_is_the_stroke_and_a_point_of_it_a_disc
    points = [ [ 0, 0 ], [ 50, 4 ], [ 100, 0 ], [ 20, 60 ], [ 90, 70 ] ]
    whole = Usher::Ink::Outline.new(points, points.map { 8.0 })
    assert_equal whole.path, whole.stretch(0, 4, 0, 0)
    assert_equal whole.disc(1), whole.stretch(1, 1, 0, 0)
    assert whole.stretch(0, 4, 10, 5).start_with?(whole.path.sub(/M(-?\d+) (-?\d+)/) { "M#{$1.to_i - 200} #{$2.to_i - 100}" }[0, 30])
  end

  def test_points_that_lie_on_each_other_do_not_shift_a_stretch
    points = Array.new(30) { |n| [ (n / 3) * 20.0, 0.0 ] }
    path = Usher::Ink::Outline.new(points, points.map { 4.0 }).stretch(9, 21, 0, 0)
    xs = spots(path).map(&:first)
    assert_in_delta 60 * 20, xs.min, 41
    assert_in_delta 140 * 20, xs.max, 41
  end

  def test_any_stroke_gives_finite_numbers
    random = Random.new(3)
    50.times do
      points = Array.new(random.rand(1..40)) { [ random.rand(0..4) * 5.0, random.rand(0..4) * 5.0 ] }
      refute_match(/NaN|Infinity/, outline(points, points.map { 0.5 + random.rand * 20 }))
    end
  end

  private

  # A wandering hand, now and then turning sharply.
  def wander(random, count)
    x, y, heading = 0.0, 0.0, 0.0
    Array.new(count) do
      heading += random.rand < 0.15 ? 2.5 : random.rand - 0.5
      [ (x += Math.cos(heading) * 12).round(2), (y += Math.sin(heading) * 12).round(2) ]
    end
  end

  def away(spot, others) = others.map { |other| Math.hypot(spot[0] - other[0], spot[1] - other[1]) }.min

  # The points that path data goes to, the ends of curves and arcs, in its own units.
  def spots(path)
    x = y = 0
    path.scan(/([Mlqa])([^MlqaZ]*)/).flat_map do |command, numbers|
      numbers = numbers.scan(/-?\d+/).map(&:to_i)
      next [ [ x, y ] ] if command == "M" && (x, y = numbers)
      numbers.each_slice({ "l" => 2, "q" => 4, "a" => 7 }[command]).map { |*, dx, dy| [ x += dx, y += dy ] }
    end
  end
end
