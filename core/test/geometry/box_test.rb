require "core_test"

class BoxTest < CoreTest
  Box = Usher::Geometry::Box

  def test_boxes_that_meet_become_one
    chain = [ [ 0, 0, 10, 10 ], [ 30, 0, 10, 10 ], [ 100, 0, 5, 5 ], [ 8, 2, 25, 4 ] ].map { |x, y, width, height| Box.new(x, y, width, height, 0) }
    chain.permutation { |boxes| assert_equal [ [ 0, 0, 40, 10 ], [ 100, 0, 5, 5 ] ], Box.gathered(boxes).map { |box| box.to_a.first(4) }.sort }
    assert_empty Box.gathered([])
  end
end
