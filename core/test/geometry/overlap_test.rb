require_relative "../core_test"

class OverlapTest < CoreTest
  def box(x, y, width = 10, height = 10, angle = 0) = Usher::Geometry::Box.new(x, y, width, height, angle)

  def test_the_area_two_boxes_have_in_common
    assert_equal [ 100, 25, 0, 0 ], [ [ 0, 0 ], [ 5, 5 ], [ 10, 0 ], [ 30, 30 ] ].map { |x, y| box(0, 0).overlap(box(x, y)) }
    assert_in_delta 100, box(0, 0).overlap(box(0, 0, 10, 10, 45)), 1e-6
  end
end
