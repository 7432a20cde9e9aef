require "core_test"

class ChanceTest < CoreTest
  Chance = Usher::Classroom::Chance

  def test_the_same_seed_and_turn_give_the_same_row
    one, two = Array.new(2) { Chance.new("00ff00ff00ff00ff", 3) }
    assert_equal Array.new(50) { one.below(1000) }, Array.new(50) { two.below(1000) }
    refute_equal Array.new(9) { Chance.new("00ff00ff00ff00ff", 3).below(1000) }, Array.new(9) { |turn| Chance.new("00ff00ff00ff00ff", turn).below(1000) }
  end

  # As anybody works it out: the first 16 digits of the SHA-256 of "seed/turn/0".
  def test_it_can_be_checked_by_hand
    number = Digest::SHA256.hexdigest("00ff00ff00ff00ff/0/0")[0, 16].hex
    assert_equal number % 6, Chance.new("00ff00ff00ff00ff", 0).below(6)
  end

  def test_shuffling_keeps_everybody_and_weights_count
    assert_equal (1..40).to_a, Chance.new(Chance.seed, 0).shuffle((1..40).to_a).sort
    chance = Chance.new("0123456789abcdef", 0)
    counts = Array.new(6_000) { chance.weighted([ 1, 2, 3 ]) }.tally
    assert_in_delta 1_000, counts[0], 120
    assert_in_delta 3_000, counts[2], 150
  end

  def test_what_is_no_seed
    [ "", "xyz", nil, 5, "0" * 15, "0" * 17 ].each { |bad| assert_invalid { Chance.new(bad, 0) } }
    assert_match Chance::SEED, Chance.seed
    assert_equal 12, Chance.fingerprint(Chance.seed).size
  end
end
