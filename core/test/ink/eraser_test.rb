require "core_test"

class EraserTest < CoreTest
  def eraser(path, radius = 10) = Usher::Ink::Eraser.new(path, radius)
  def cut(eraser, stroke) = Usher::Ink::Points.new(stroke).then { |points| eraser.cut(points)&.map { |stretch| points.stretch(*stretch) } }
  def level(count = 11, step = 10) = Array.new(count) { |n| [ n * step.to_f, 0.0, 0.5, n * 10 ] }

  def test_a_stroke_it_passes_by_is_not_touched
    assert_nil cut(eraser([ [ 50, 40 ], [ 90, 40 ] ]), level)
    assert_nil cut(eraser([ [ 50, 10.01 ] ]), level)
  end

  def test_crossing_leaves_two_pieces_with_pressure_and_time_in_between
    left, right = cut(eraser([ [ 50, -40 ], [ 50, 40 ] ]), level)
    assert_equal [ [ 0, 0, 0.5, 0 ], [ 40, 0, 0.5, 40 ] ], [ left.first, left.last ]
    assert_equal [ [ 60, 0, 0.5, 60 ], [ 100, 0, 0.5, 100 ] ], [ right.first, right.last ]
  end

  def test_a_cut_within_one_long_step_interpolates
    left, right = cut(eraser([ [ 50, 0 ] ]), [ [ 0.0, 0.0, 0.2, 0 ], [ 100.0, 0.0, 0.8, 1_000 ] ])
    assert_equal [ 40, 0, 0.44, 400 ], left.last
    assert_equal [ 60, 0, 0.56, 600 ], right.first
  end

  def test_what_is_covered_goes_and_a_dot_too
    assert_equal [], cut(eraser([ [ -20, 0 ], [ 120, 0 ] ]), level)
    assert_equal [], cut(eraser([ [ 5, 5 ] ]), [ [ 8, 8, nil, 0 ] ])
    assert_nil cut(eraser([ [ 5, 5 ] ]), [ [ 80, 8, nil, 0 ] ])
  end

  def test_an_end_is_shortened
    assert_equal [ [ [ 10, 0, 0.5, 10 ], [ 100, 0, 0.5, 100 ] ] ], cut(eraser([ [ 0, 0 ] ]), level).map { |piece| [ piece.first, piece.last ] }
  end

  # Against the plain definition: a place stays when it is further from every step than the radius.
  def test_any_sweep_over_any_stroke_leaves_what_it_did_not_cover
    random = Random.new(11)
    40.times do
      path = Array.new(random.rand(1..8)) { [ random.rand * 300, random.rand * 200 ] }
      radius = 4 + random.rand * 40
      stroke = Array.new(30) { |n| [ n * 10 + random.rand * 8, 100 + 80 * Math.sin(n / 4.0) + random.rand * 5, nil, n * 10 ] }
      pieces = cut(eraser(path, radius), stroke) || [ stroke ]
      along(pieces).each { |place| assert_operator away(place, path), :>, radius * 0.97 - 0.3 }
      missing = along([ stroke ]).count { |place| away(place, path) > radius } - along(pieces).size
      assert_in_delta 0, missing, 8 + along([ stroke ]).size * 0.02
    end
  end

  private

  # Places a page unit apart along lines.
  def along(lines)
    lines.flat_map do |line|
      line.each_cons(2).flat_map do |(ax, ay), (bx, by)|
        steps = Math.hypot(bx - ax, by - ay).round
        (0...steps).map { |step| [ ax + (bx - ax) * (step + 0.5) / steps, ay + (by - ay) * (step + 0.5) / steps ] }
      end
    end
  end

  def away(place, path)
    return Math.hypot(place[0] - path[0][0], place[1] - path[0][1]) if path.size == 1
    path.each_cons(2).map { |ends| Usher::Ink::StraightEdge.distance(place, ends) }.min
  end
end
