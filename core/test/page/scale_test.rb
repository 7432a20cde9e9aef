require "core_test"

class ScaleTest < CoreTest
  def scale(*numbers) = Usher::Page::Scale.new(*numbers)
  def labels(*numbers) = scale(*numbers).marks.map { |value, _| Usher::Page::Scale.words(value) }

  def test_decimals_are_exact
    assert_equal %w[0 0.1 0.2 0.3 0.4 0.5 0.6 0.7 0.8 0.9 1], labels(0, 1, 0.1)
    assert_equal %w[−0.75 −0.5 −0.25 0 0.25], labels(-0.75, 0.25, 0.25)
  end

  def test_the_last_mark_may_fall_short_of_the_end
    assert_equal %w[0 3 6 9], labels(0, 10, 3)
    assert_in_delta 0.9, scale(0, 10, 3).marks.last[1], 1e-9
  end

  def test_what_cannot_be_drawn_is_refused
    assert_invalid(/must go up/) { scale(5, 5, 1).check }
    assert_invalid(/must go up: from 3 to −2/) { scale(3, -2, 1).check }
    assert_invalid(/more than nothing/) { scale(0, 5, 0).check }
    assert_invalid(/larger step/) { scale(0, 1_000, 1).check }
    assert_nil scale(0, 200, 1).check
  end
end
