require "core_test"

# Whatever says "from 0 to 600" takes 0 and 600, and nothing beyond: every number and every list that the core
# checks with, wherever it stands.
class EndsTest < CoreTest
  REGISTRIES = [ Usher::Items, Usher::Page::Operations, Usher::Page::Papers, Usher::Page::Layouts, Usher::Page::Tracks, Usher::Activities ].freeze

  def setup = REGISTRIES.each { |rooms| rooms.registry.each { |_, kind| kind } }

  def test_numbers_take_both_ends
    ends(Usher::Types::Number, "from") do |type, low, high|
      [ low, high ].each { |value| assert_in_delta value, type.call(value), 0.5 }
      beyond = ->(end_) { [ 1, end_.abs * 1e-9 ].max } # which a Float can tell from it
      [ low - beyond.(low), high + beyond.(high) ].each { |value| assert_invalid { type.call(value) } }
    end
  end

  def test_lists_take_both_ends
    ends(Usher::Types::List, "list of") do |type, low, high|
      counted = type.dup.tap { |copy| copy.instance_variable_set(:@type, ->(entry) { entry }) }
      [ low, high ].each { |count| assert_equal count, counted.call([ 1 ] * count).size }
      assert_invalid { counted.call([ 1 ] * (high + 1)) }
    end
  end

  private

  # What each type says of itself, taken at its word.
  def ends(type, word)
    all = ObjectSpace.each_object(type).to_a
    assert_operator all.size, :>, 5
    all.each do |one|
      error = assert_raises(Usher::Invalid) { one.call(nil) }
      low, high = error.message[/#{word} (.+)/, 1].split(" to ").map { |end_| Float(end_) }
      low, high = low.to_i, high.to_i if type == Usher::Types::List
      yield one, low, high
    end
  end
end
