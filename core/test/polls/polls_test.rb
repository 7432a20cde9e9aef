require "core_test"

class PollsTest < CoreTest
  def test_letters_from_a_on
    assert_equal %w[A B C D], Usher::Polls::Letters.new(4).choices
    [ 1, 7, "4", nil ].each { |count| assert_invalid { Usher::Polls::Letters.new(count) } }
  end

  def test_only_its_letters_are_answers
    letters = Usher::Polls::Letters.new(2)
    assert_equal "B", letters.accept("B")
    [ "C", "b", nil, [ "A" ] ].each { |answer| assert_invalid { letters.accept(answer) } }
  end

  def test_a_tally_counts_every_choice_and_scales_to_the_most_frequent
    tally = Usher::Polls::Tally.new(%w[A B C], %w[B B A])
    assert_equal [ [ "A", 1, 0.5 ], [ "B", 2, 1.0 ], [ "C", 0, 0.0 ] ], tally.rows.map(&:to_a)
    assert_equal 3, tally.total
    assert_equal [ 0.0 ], Usher::Polls::Tally.new(%w[A], []).rows.map(&:share)
  end
end
