require "core_test"

class QuantityTest < CoreTest
  Quantity = Usher::Quantity

  def test_reads_decimals_and_fractions_with_units_before_or_behind
    { "0.50 €" => "0.50 €", "€0,5" => "€0.5", "1 1/2 m" => "1 1/2 m", "½" => "1/2", "3½ l" => "3 1/2 l", "-3" => "−3", "−0.25 kg" => "−0.25 kg", ".5" => "0.5",
      "6/4" => "1 1/2", "4/2" => "2", "12 tokens" => "12 tokens", "50%" => "50%" }.each do |typed, said|
      assert_equal said, Quantity.read(typed).to_s, typed
    end
  end

  def test_refuses_what_is_no_number_in_a_sentence
    [ "", "tide", "1/0", "1.2.3", "€5 €", "5 m kg", nil, "1" * 20, "1e9" ].each { |typed| assert_invalid { Quantity.read(typed) } }
    assert_invalid(/0 below/) { Quantity.read("1/0") }
    assert_nil Quantity.try("low tide")
  end

  def test_the_sentence_for_nothing_below_the_line_reads
    assert_equal "“1/0” has 0 below the line, and nothing can be shared among 0. Write another number there.", assert_raises(Usher::Invalid) { item("tile", text: "x", value: "1/0") }.message
    assert_match(/\A“tide” is not a number with a unit/, assert_raises(Usher::Invalid) { item("area", target: "tide") }.message)
  end

  def test_sums_are_exact_and_keep_the_places_that_were_written
    assert_equal [ "0.3" ], total(%w[0.1 0.2])
    assert_equal [ "1.00 €" ], total([ "0.50 €", "0.25 €", "0.25 €" ])
    assert_equal [ "1" ], total(%w[1/3 1/3 1/3])
    assert_equal [ "3/4" ], total(%w[1/2 0.25])
    assert_equal [ "3 m", "2 kg" ], total([ "1 m", "2 kg", "2 m" ])
    assert_empty total([])
  end

  def test_equal_amounts_are_equal_however_written_but_not_in_another_unit
    assert_equal Quantity.read("0.5 m"), Quantity.read("1/2 m")
    refute_equal Quantity.read("1 m"), Quantity.read("1 km")
    assert_invalid(/cannot be added/) { Quantity.read("1 m") + Quantity.read("1 km") }
  end

  private

  def total(written) = Usher::Units.known.total(written.map { |one| Quantity.read(one) }).map(&:to_s)
end
