require "core_test"
require_relative "samples"

class OrderTest < CoreTest
  include Samples

  def words(*right) = build("order", { "of" => "words", "lines" => [ { "right" => right } ] })

  # The answers that make a line of these words (nil: an empty place).
  def line(kind, deal, *words)
    free = deal.names.dup
    words.each_with_index.filter_map do |word, index|
      next unless word
      piece = free.delete(free.find { |name| kind.faces(deal, {})[name].text == word })
      [ piece, "a#{index + 1}" ]
    end.to_h
  end

  def marks(kind, deal, *words) = kind.mark(deal, line(kind, deal, *words)).values

  def test_every_right_order_is_right
    kind = words("the tide turns at noon", "at noon the tide turns")
    deal = kind.deal(1)
    assert_equal [ 1 ] * 5, marks(kind, deal, *%w[the tide turns at noon])
    assert_equal [ 1 ] * 5, marks(kind, deal, *%w[at noon the tide turns])
  end

  def test_the_longest_run_in_order_counts
    kind = words("the tide turns at noon")
    deal = kind.deal(1)
    assert_equal [ 0, 1, 1, 1, 1 ], marks(kind, deal, *%w[noon the tide turns at])
    assert_equal [ 1, nil, 1, nil, 1 ], marks(kind, deal, "the", nil, "turns", nil, "noon")
    play = play(kind, marked: "parts", points: 10)
    line(kind, play.deal, *%w[noon the tide turns at]).each { |piece, place| play.take("piece" => piece, "place" => place) }
    play.take("do" => "check")
    assert_equal 8, play.score.points
  end

  def test_the_same_word_twice_is_the_same_word
    kind = words("the boat and the rope")
    deal = kind.deal(2)
    one, other = deal.names.select { |name| kind.faces(deal, {})[name].text == "the" }
    [ one, other ].each { |piece| assert kind.right?(deal, { piece => "a4" }, "a4") }
  end

  def test_while_it_is_played_a_place_is_right_in_an_order_that_fits_the_others
    kind = words("the tide turns at noon", "at noon the tide turns")
    deal = kind.deal(3)
    assert kind.right?(deal, line(kind, deal, "at"), "a1")
    assert kind.right?(deal, line(kind, deal, "the"), "a1")
    refute kind.right?(deal, line(kind, deal, "at", "tide"), "a2")
    assert kind.right?(deal, line(kind, deal, "at", "noon"), "a2")
  end

  def test_a_piece_between_others_moves_them_along
    kind = words("one two three four")
    deal = kind.deal(1)
    answers = line(kind, deal, "one", "three", "four")
    two = (deal.names - answers.keys).first
    now = kind.accept(deal, answers, { "piece" => two, "place" => "a2" })
    assert_equal %w[one two three four], now.sort_by(&:last).map { |piece, _| kind.faces(deal, {})[piece].text }
    first = now.key("a1")
    moved = kind.accept(deal, now, { "piece" => first, "place" => "a3" })
    assert_equal %w[two three one four], moved.sort_by(&:last).map { |piece, _| kind.faces(deal, {})[piece].text }
  end

  def test_what_is_fixed_is_not_moved_along
    kind = words("one two three four")
    deal = kind.deal(1)
    answers = line(kind, deal, "two", "one", nil, "four")
    three = (deal.names - answers.keys).first
    assert_equal answers.key("a1"), kind.accept(deal, answers, { "piece" => three, "place" => "a2" }, %w[a1 a4]).key("a1")
    swapped = kind.accept(deal, line(kind, deal, "two", "one"), { "piece" => three, "place" => "a1" }, %w[a2])
    assert_equal [ three, answers.key("a2") ], [ swapped.key("a1"), swapped.key("a2") ], "the one that lay there goes out"
  end

  def test_pieces_stay_in_their_line
    kind = build("order", CONTENT["order"][1])
    deal = kind.deal(1)
    piece = deal.names.find { |name| kind.faces(deal, {})[name].text == "b" }
    assert_invalid(/another line/) { kind.accept(deal, {}, { "piece" => piece, "place" => "a1" }) }
  end

  def test_it_is_not_dealt_solved
    kind = build("order", { "of" => "letters", "lines" => [ { "right" => [ "ab" ] } ] })
    assert_equal [ %w[b a] ], (1..20).map { |seed| kind.deal(seed).then { |deal| deal.names.map { |name| kind.faces(deal, {})[name].text } } }.uniq
  end

  def test_letters_are_what_a_reader_calls_letters
    kind = build("order", { "of" => "letters", "lines" => [ { "right" => [ "école" ] } ] })
    assert_equal 5, kind.cells(kind.deal(1)).size
  end

  def test_content_rules_say_what_is_wrong
    line = ->(**line) { { "of" => "words", "lines" => [ line.transform_keys(&:to_s) ] } }
    { /must be one of/ => { "of" => "pages", "lines" => [] }, /Write 1 to 20/ => { "of" => "words", "lines" => [] }, /Line 1 must say/ => { "of" => "words", "lines" => [ 3 ] },
      /needs 2 to 24 words/ => line.(right: [ "tide" ]), /not made of the same words/ => line.(right: [ "the tide turns", "the tide turned" ]),
      /are the same/ => line.(right: [ "no no no" ]), /has 1 to 6 right orders/ => line.(right: []), /Line 1 is empty/ => line.(right: [ " " ]),
      /has a space/ => { "of" => "letters", "lines" => [ { "right" => [ "low tide" ] } ] },
      /stands twice/ => { "of" => "things", "lines" => [ { "pieces" => %w[ebb ebb] } ] }, /needs 2 to 24 things/ => { "of" => "things", "lines" => [ { "pieces" => %w[ebb] } ] }
    }.each { |words, content| assert_invalid(words) { build("order", content) } }
  end
end
