require "core_test"

class UnitsTest < CoreTest
  def test_money_adds_up_whichever_coin_it_lies_in
    assert_equal [ "£1.20" ], total([ "50p", "20p", "£0.50" ])
    assert_equal [ "1.05 €" ], total([ "1 €", "5 ct" ])
    assert_equal [ "0.10 €" ], total([ "5 ct", "0.05 €" ])
    assert_equal [ "$2.25" ], total([ "25c", "$2" ])
    assert_equal [ "120 p" ], total([ "50p", "70p" ]), "coins of one kind stay what they are"
  end

  def test_what_does_not_belong_together_stays_apart
    assert_equal [ "£1", "1 €" ], total([ "£1", "1 €" ])
    assert_equal [ "£1.50", "3 shells" ], total([ "£1", "3 shells", "50p" ])
    assert_equal [ "5 p", "5 c" ], total([ "5p", "5c" ])
  end

  def test_lengths_weights_and_times_too
    assert_equal [ "1.50 m" ], total([ "1 m", "50 cm" ])
    assert_equal [ "2.500 kg" ], total([ "2 kg", "500 g" ])
    assert_equal [ "1 1/2 h" ], total([ "1 h", "30 min" ])
    assert_equal [ "3/4 m" ], total([ "1/2 m", "25 cm" ])
  end

  def test_units_of_a_teachers_own
    own = "1 shell = 12 pebbles; 3 shells = 1 crab"
    assert_equal [ "1 1/2 shell" ], total([ "1 shell", "6 pebbles" ], own)
    assert_equal [ "2 pebbles", "2 shells" ], total([ "2 pebbles", "2 shells" ], own), "shell and shells are two words"
    assert_equal [ "1 1/2 crab" ], total([ "1 crab", "6 pebbles" ], "1 shell = 4 pebbles; 1 crab = 3 shell")
    assert_equal [ "£2.00" ], total([ "1 token", "£1.50" ], "1 token = 50p"), "joined to what is known"
    assert_equal [ "1 2/3 p" ], total([ "1 p", "8 d" ], "1 p = 12 d"), "and used as it is meant here"
    assert_equal [ "1.50 m" ], total([ "1 m", "50 cm" ], "1 m = 3 x; 1 cm = 1 y")
  end

  def test_as_much_in_another_unit_is_as_much
    units = Usher::Units.new("1 shell = 12 pebbles")
    [ [ "£1.20", "120p" ], [ "1.20 €", "120 ct" ], [ "1/2 m", "50 cm" ], [ "2 shell", "24 pebbles" ], [ "3", "3" ] ].each { |one, other| assert units.equal?(read(one), read(other)), one }
    [ [ "£1.20", "1.20 €" ], [ "£1.20", "121p" ], [ "1", "1 m" ], [ "5 c", "5 ct" ] ].each { |one, other| refute units.equal?(read(one), read(other)), one }
  end

  def test_words_that_say_nothing_or_too_much_are_refused_in_a_sentence
    [ "shell", "1 shell = ", "1 shell = 12", "0 shell = 12 pebbles", "1 shell = 12 shell", "1 a = 2 b = 3 c" ].each { |words| assert_invalid { Usher::Units.new(words) } }
    assert_invalid(/said twice/) { Usher::Units.new("1 shell = 12 pebbles; 1 shell = 10 pebbles") }
    assert_invalid(/like 1 shell = 12 pebbles/) { item("area", units: "1 shell = 12") }
  end

  def test_a_drop_area_takes_its_target_in_either
    area = item("area", target: "120p", width: 500, height: 300)
    coins = %w[£1 20p].map { |worth| item("tile", text: worth) }
    assert_equal({ "tally" => "£1.20", "verdict" => "right" }, area.tallied(coins))
    assert_equal "wrong", area.tallied(coins.first(1))["verdict"]
    own = item("area", target: "14 pebbles", units: "1 shell = 12 pebbles")
    assert_equal({ "tally" => "1 1/6 shell", "verdict" => "right" }, own.tallied([ item("tile", text: "1 shell"), item("tile", text: "2 pebbles") ]))
  end

  private

  def read(text) = Usher::Quantity.read(text)
  def total(written, words = "") = Usher::Units.new(words).total(written.map { |one| read(one) }).map(&:to_s)
end
