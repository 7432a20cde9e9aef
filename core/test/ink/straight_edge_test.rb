require "core_test"

class StraightEdgeTest < CoreTest
  LEVEL = [ [ 100.0, 200.0 ], [ 500.0, 200.0 ] ].freeze

  def draw(points, edges = [ LEVEL ], stroke_width = 8) = Usher::Ink::StraightEdge.draw(points, edges, stroke_width)

  def test_ink_lies_half_its_stroke_width_beside_the_edge_and_ends_where_it_ends
    assert_equal [ [ 150, 196, 0.5, 0 ], [ 300, 196, nil, 9 ], [ 500, 196, 0.2, 20 ] ], draw([ [ 150, 190, 0.5, 0 ], [ 300, 215, nil, 9 ], [ 900, 180, 0.2, 20 ] ])
  end

  def test_the_nearest_edge_to_the_beginning_is_followed_to_the_end
    other = [ [ 500.0, 300.0 ], [ 100.0, 300.0 ] ]
    assert_equal [ 304.0 ], draw([ [ 200, 310 ], [ 210, 190 ] ], [ LEVEL, other ]).map { |_, y| y }.uniq
  end

  def test_rulers_and_set_squares_have_their_free_side_outside
    %w[ruler set_square].each do |kind|
      thing = item(kind, x: 300, y: 300, angle: 33)
      middle = thing.box.centre
      thing.edges.each do |from, to|
        beside = draw([ from.zip(to).map { |a, b| (a + b) / 2 } ], [ [ from, to ] ], 20).first
        on_edge = from.zip(to).map { |a, b| (a + b) / 2 }
        assert_operator Math.hypot(*beside.zip(middle).map { |a, b| a - b }), :>, Math.hypot(*on_edge.zip(middle).map { |a, b| a - b }) - 1, kind
      end
    end
  end

  def test_a_set_square_keeps_its_angles_at_any_size
    [ [ 45, 1.0 ], [ 30, Math.tan(Math::PI / 6) ] ].each do |corner, rise|
      square = item("set_square", corner: corner, width: 400)
      assert_in_delta 400 * rise, square.height, 0.01
      larger = square.change(square.scaled(2, 0.5))
      assert_in_delta larger.width * rise, larger.height, 0.01
    end
    assert_invalid { item("set_square", corner: 50) }
  end
end
