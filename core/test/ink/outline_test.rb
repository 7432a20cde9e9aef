require "core_test"

class OutlineTest < CoreTest
  def outline(points, stroke_widths = nil) = Usher::Ink::Outline.new(points, stroke_widths || points.map { 10.0 }).path

  def test_it_keeps_half_the_stroke_width_to_both_sides
    path = outline([ [ 0, 0 ], [ 100, 0 ] ])
    assert path.start_with?("M0 -100l"), path
    assert_includes path, "A100 100 0 0 1"
    assert path.end_with?("Z")
  end

  def test_one_place_is_a_disc
    assert_includes outline([ [ 3, 3 ], [ 3, 3 ] ], [ 8.0, 8.0 ]), "a80 80"
  end

  def test_a_sharp_turn_gets_a_round_corner
    refute_includes outline([ [ 0, 0 ], [ 50, 0 ], [ 100, 0 ] ]), "a100 100"
    path = outline([ [ 0, 0 ], [ 50, 0 ], [ 0, 0.5 ], [ 50, 1 ] ])
    assert_equal 3, path.count("M"), "a shape from turn to turn"
    assert_equal 6, path.scan("A100 100").size, "each with round ends, which meet in the turn"
    assert_includes outline([ [ 0, 0 ], [ 2, 0 ], [ 2, 2 ], [ 0, 2 ] ]), "a100 100", "a narrow bend is filled"
  end

  def test_any_stroke_gives_finite_numbers
    random = Random.new(3)
    50.times do
      points = Array.new(random.rand(1..40)) { [ random.rand(0..4) * 5.0, random.rand(0..4) * 5.0 ] }
      refute_match(/NaN|Infinity/, outline(points, points.map { 0.5 + random.rand * 20 }))
    end
  end
end
