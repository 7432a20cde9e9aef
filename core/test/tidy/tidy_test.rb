require "core_test"
require_relative "../../../bench/support/hand"

class TidyTest < CoreTest
  def hand = @hand ||= Hand.new(2)

  Hand::SHAPES.each do |name|
    define_method("test_nearly every hand-drawn #{name} is found") do
      names = Array.new(12) { Usher::Tidy.read(hand.shape(name))&.name }
      names.map! { |found| found == "diamond" ? "square" : found } if name == "square" # on its corner
      assert_operator names.count(name), :>=, 11, names.tally.to_s
    end
  end

  def test_letters_and_scribbles_stay
    spoiled = Hand::LETTERS.keys.select { |letter| Usher::Tidy.read(hand.letter(letter)) } + Array.new(30) { Usher::Tidy.read(hand.scribble)&.name }.compact
    assert_operator spoiled.size, :<=, 1, spoiled.to_s
  end

  def test_size_place_and_tilt_are_those_of_the_drawing
    turn = ->(x, y) { Usher::Geometry.rotate([ x, y ], 20).zip([ 600, 400 ]).map(&:sum) }
    way = [ [ -150, -80 ], [ 150, -80 ], [ 150, 80 ], [ -150, 80 ], [ -150, -80 ] ].each_cons(2).flat_map { |(ax, ay), (bx, by)| (0...20).map { |n| turn.(ax + (bx - ax) * n / 20.0, ay + (by - ay) * n / 20.0) } }
    fit = Usher::Tidy.read([ way ])
    box = Usher::Geometry::Box.new(*fit.values.values_at("x", "y", "width", "height", "angle"))
    assert_equal "rectangle", fit.name
    box.centre.zip([ 600, 400 ]) { |is, was| assert_in_delta was, is, 3 }
    assert_equal [ 160, 300 ], [ box.width, box.height ].minmax.map { |side| side.round(-1) }
    assert_in_delta 20, box.angle % 90, 1
  end

  def test_what_is_nearly_upright_is_made_upright
    way = [ [ 0, 0 ], [ 200, 4 ], [ 198, 120 ], [ -2, 117 ], [ 0, 0 ] ].each_cons(2).flat_map { |(ax, ay), (bx, by)| (0...20).map { |n| [ ax + (bx - ax) * n / 20.0, ay + (by - ay) * n / 20.0 ] } }
    assert_equal 0, Usher::Tidy.read([ way ]).values["angle"]
  end

  def test_nothing_dots_and_specks_stay
    [ [ [ [ 5, 5 ] ] ], [ [ [ 5, 5 ], [ 7, 6 ] ] ], [ [ [ 5, 5 ] ] * 40 ], [ [ [ 0, 0 ], [ 0, 0 ], [ 300, 0 ] ], [ [ 9, 9 ] ] ] ].each { |strokes| assert_nil Usher::Tidy.read(strokes) }
  end

  def test_strokes_that_lie_apart_are_drawings_of_their_own
    boxes = [ [ 0, 0 ], [ 95, 0 ], [ 400, 0 ] ].map { |x, y| Usher::Geometry::Box.new(x, y, 90, 90, 0) }
    assert_equal [ [ 0, 1 ], [ 2 ] ], Usher::Tidy.drawings(boxes).sort
  end
end
