require "core_test"

class PaceTest < CoreTest
  def pace(at:, taught:, on_page: 0, **more) = Usher::Classroom::Pace.new([ 5, 10, 20, 8, 12 ], at: at, taught: taught * 60, on_page: on_page * 60, **more)

  def test_in_time
    assert_equal [ "In time.", [], 0 ], pace(at: 1, taught: 5).then { |one| [ one.words, one.shorten, one.late ] }
    assert_equal "In time.", pace(at: 1, taught: 5.9).words
  end

  def test_late_it_names_the_longest_pages_to_come
    one = pace(at: 1, taught: 20, on_page: 10)
    assert_equal 5 * 60, one.late
    assert_equal [ 3 ], one.shorten
    assert_equal "5 min late. Shorten page 3, or leave one out.", one.words
    assert_equal [ 3, 4, 5 ], pace(at: 1, taught: 60).shorten
    assert_match(/last page/, pace(at: 4, taught: 60).words)
  end

  def test_against_the_length_of_the_lesson
    assert_equal 10 * 60, pace(at: 0, taught: 0, length: 45).late
    assert_equal 0, pace(at: 0, taught: 0, length: 90).late
    assert_equal 0, Usher::Classroom::Pace.new([], at: 0, taught: 0, on_page: 0).late
  end
end
