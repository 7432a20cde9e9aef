require "core_test"
require_relative "samples"

# What is particular to a kind: what its content must be, and what is right.
class ActivityKindsTest < CoreTest
  include Samples

  FAULTS = {
    "match" => {
      /2 to 20 rows/ => { "rows" => [ %w[ebb goes] ] }, /Row 2 needs something/ => { "rows" => [ %w[ebb goes], %w[flow] ] }, /stands twice in the first/ => { "rows" => [ %w[ebb goes], %w[Ebb comes] ] },
      /would belong to two rows/ => { "rows" => [ %w[ebb goes], %w[flow goes] ] }, /4 that belong together/ => { "rows" => [ %w[a b c d e], %w[f g] ] } },
    "memory" => {
      /2 to 18 pairs/ => { "pairs" => [ %w[a a] ] }, /must have two cards/ => { "pairs" => [ %w[a], %w[b b] ] }, /cards of two pairs/ => { "pairs" => [ %w[a b], %w[c b] ] }, /Who plays/ => { "pairs" => [ %w[a a], %w[b b] ], "teams" => "9" } },
    "cards" => { /1 to 100 cards/ => { "cards" => [] }, /front and a back/ => { "cards" => [ %w[a] ] }, /front of two/ => { "cards" => [ %w[a b], %w[a c] ] }, /Card 1 is empty/ => { "cards" => [ [ " ", "b" ] ] } },
    "choose_one" => {
      /1 to 40 questions/ => { "questions" => [] }, /no right answer/ => { "questions" => [ { "ask" => "Why?", "right" => [], "wrong" => %w[a b] } ] },
      /more than one right/ => { "questions" => [ { "ask" => "Why?", "right" => %w[a b], "wrong" => %w[c] } ] }, /needs 2 to 8 answers/ => { "questions" => [ { "ask" => "Why?", "right" => %w[a], "wrong" => [] } ] },
      /stands twice among the answers/ => { "questions" => [ { "ask" => "Why?", "right" => %w[a], "wrong" => %w[A] } ] }, /must come with its answers/ => { "questions" => [ 3 ] } },
    "choose_all" => { /needs 2 to 8 answers/ => { "questions" => [ { "ask" => "Why?", "right" => %w[a], "wrong" => [] } ] } },
    "true_false" => { /1 to 60 sentences/ => { "sentences" => [] }, /whether “Ropes” is true/ => { "sentences" => [ { "ask" => "Ropes", "true" => nil } ] }, /stands twice/ => { "sentences" => [ { "ask" => "a", "true" => true }, { "ask" => "A", "true" => false } ] } },
    "number" => {
      /has no answer yet/ => { "questions" => [ { "ask" => "How far?", "right" => "" } ] }, /is not a number/ => { "questions" => [ { "ask" => "How far?", "right" => "far" } ] },
      /no amount of the same unit/ => { "questions" => [ { "ask" => "How far?", "right" => "3 m", "within" => "2 kg" } ] }, /0 below the line/ => { "questions" => [ { "ask" => "How far?", "right" => "1/0" } ] } },
    "split" => { /to be cut nowhere/ => { "words" => %w[tide] }, /has a space/ => { "words" => [ "light house-s" ] }, /stands twice/ => { "words" => %w[har-bour harb-our] }, /1 to 40 words/ => { "words" => [] } },
    "timeline" => {
      /2 to 30 events/ => { "events" => [] }, /not a date such as/ => { "events" => [ { "face" => "a", "from" => "soon" }, { "face" => "b", "from" => "1066" } ] }, /ends before it begins/ => { "events" => [ { "face" => "a", "from" => "1066", "until" => "1000" }, { "face" => "b", "from" => "1" } ] },
      /same line/ => { "events" => [ { "face" => "a", "from" => "14:30" }, { "face" => "b", "from" => "1066" } ] }, /no day 31/ => { "events" => [ { "face" => "a", "from" => "31 June 1820" }, { "face" => "b", "from" => "1" } ] }, /Say when/ => { "events" => [ { "face" => "a" }, { "face" => "b", "from" => "1" } ] } },
    "crossword" => {
      /2 to 25 words/ => { "words" => [] }, /needs a word and a clue/ => { "words" => [ 1, 2 ] }, /stands twice/ => { "words" => [ { "word" => "tide", "clue" => "a" }, { "word" => "Tide", "clue" => "b" } ] }, /no place where it crosses/ => { "words" => [ { "word" => "tide", "clue" => "a" }, { "word" => "mono", "clue" => "b" } ] },
      /that is no letter/ => { "words" => [ { "word" => "tide2", "clue" => "a" }, { "word" => "ebb", "clue" => "b" } ] }, /has 1 letters/ => { "words" => [ { "word" => "t", "clue" => "a" }, { "word" => "ebb", "clue" => "b" } ] }, /The clue of “tide” is empty/ => { "words" => [ { "word" => "tide", "clue" => "" }, { "word" => "ebb", "clue" => "b" } ] } },
    "word_search" => {
      /2 to 25 words/ => { "words" => [] }, /has 2 letters/ => { "words" => %w[to tide] }, /stands twice/ => { "words" => %w[tide Tide] }, /stands within “tidemark”/ => { "words" => %w[tide tidemark] }, /no letter/ => { "words" => %w[tide7 ebb] } },
    "tick" => { /Tick at least one/ => { "questions" => [ { "ask" => "What?", "right" => [], "wrong" => %w[a b] } ] }, /needs 2 to 40/ => { "questions" => [ { "ask" => "What?", "right" => %w[a], "wrong" => [] } ] } },
    "count" => { /how many “Buoys” asks for, 1 to 30/ => { "boxes" => [ { "ask" => "Buoys", "count" => 0, "thing" => "o" } ] }, /1 to 10 questions/ => { "boxes" => [] } },
    "circles" => {
      /two or three circles/ => { "circles" => %w[a], "things" => [] }, /Two circles are called/ => { "circles" => %w[a A], "things" => [] }, /where the thing belongs/ => { "circles" => %w[a b], "things" => [ { "face" => "x", "in" => [ 2 ] }, { "face" => "y", "in" => [] } ] },
      /stands twice/ => { "circles" => %w[a b], "things" => [ { "face" => "x", "in" => [ 0 ] }, { "face" => "x", "in" => [ 1 ] } ] } }
  }.freeze

  FAULTS.each { |name, faults| faults.each { |words, content| define_method("test_#{name}_says_#{words.source}") { assert_invalid(words) { build(name, content) } } } }

  def answered(kind, answers) = kind.mark(kind.deal(1), answers)

  def test_choosing_all_takes_away_for_what_is_wrong
    kind = build("choose_all")
    deal = kind.deal(1)
    names = ->(*words) { words.map { |word| kind.view(deal, {})["questions"][0]["options"].keys.find { |name| kind.faces(deal, {})[name].text == word } } }
    credit = ->(*words) { kind.mark(deal, { "a1" => names.(*words) })["a1"] }
    assert_equal [ 1, 0.5, 0.0, 0.0 ], [ credit.("cork", "buoy"), credit.("cork"), credit.("cork", "anchor"), credit.("cork", "buoy", "anchor", "stone") ]
    assert_nil kind.right?(deal, { "a1" => names.("cork") }, "a1"), "more is to come"
    assert_equal false, kind.right?(deal, { "a1" => names.("anchor") }, "a1")
  end

  def test_a_number_in_any_form_and_unit_that_is_as_much
    kind = build("number", { "unit" => "asked", "questions" => [ { "ask" => "How long?", "right" => "2.5 m" }, { "ask" => "About?", "right" => "3 km", "within" => "100 m" }, { "ask" => "A half?", "right" => "1/2" } ] })
    right = ->(cell, text) { kind.right?(kind.deal(1), { cell => text }, cell) }
    [ "2,5 m", "2 1/2 m", "250 cm", "2.50m" ].each { |text| assert right.("n1", text), text }
    [ "2.5", "2.5 kg", "2.6 m", "two", "" ].each { |text| refute right.("n1", text), text }
    [ "3.1 km", "2900 m", "3km" ].each { |text| assert right.("n2", text), text }
    [ "3.11 km", "3" ].each { |text| refute right.("n2", text), text }
    assert right.("n3", "0,5")
    free = build("number", { "unit" => "free", "questions" => [ { "ask" => "How long?", "right" => "2.5 m" } ] })
    assert free.right?(free.deal(1), { "n1" => "2.5" }, "n1")
  end

  def test_cuts_count_in_part_and_wrong_ones_take_away
    kind = build("split", { "words" => %w[tide-ta-ble] })
    marks = ->(*cuts) { kind.mark(kind.deal(1), { "p1" => cuts }) ["p1"] }
    assert_equal [ 1, 0.5, 0.0, 0.5 ], [ marks.("c4", "c6"), marks.("c4"), marks.("c4", "c1"), marks.("c4", "c6", "c2") ]
    assert_equal "tide-table", kind.told(kind.deal(1), { "p1" => [ "c4" ] }, "p1")
    assert_equal [ "a-b-c" ], build("split", { "words" => [ "a--b-c" ] }).questions.map { |word| "#{word[0, 3]}-#{word[3..]}" }
  end

  def test_memory_shows_what_was_turned_over_and_gives_pairs_to_teams
    kind = build("memory", CONTENT["memory"].last)
    deal = kind.deal(3)
    pairs = deal.names.group_by { |card| kind.question(deal, card) }.values
    turn = ->(answers, *cards) { cards.inject(answers) { |now, card| kind.accept(deal, now, { "turn" => card }) } }
    missed = turn.(kind.start(deal), pairs[0][0], pairs[1][0])
    assert_equal [ pairs[0][0], pairs[1][0] ].sort, kind.faces(deal, missed).keys.sort
    assert_equal [ 1, 1 ], missed.values_at("team", "turns")
    taken = turn.(missed, *pairs[2])
    assert_equal pairs[2].sort, kind.faces(deal, taken).keys.sort, "the others lie face down again"
    assert_equal [ [ 0, 1 ], 1 ], [ kind.view(deal, taken)["teams"], taken["team"] ]
    assert_invalid(/turned over/) { turn.(taken, pairs[2][0]) }
    assert_invalid(/turned over/) { turn.(taken, pairs[0][0], pairs[0][0]) }
    assert_invalid(/not in this/) { turn.(taken, "p99") }
  end

  def test_a_card_comes_back_until_it_is_known
    kind = build("cards")
    deal = kind.deal(1)
    first, second = deal.names
    start = kind.start(deal)
    refute kind.faces(deal, start).key?("#{first}-back")
    assert_invalid(/Turn the card over/) { kind.accept(deal, start, { "card" => first, "knew" => true }) }
    assert_invalid(/on top/) { kind.accept(deal, start, { "show" => second }) }
    again = [ { "show" => first }, { "card" => first, "knew" => false } ].inject(start) { |answers, move| kind.accept(deal, answers, move) }
    assert_equal [ second, first ], again["left"].values_at(0, -1)
    assert_equal 1, kind.view(deal, again)["again"]
  end

  def test_things_are_counted_and_stay_at_their_box
    kind = build("count")
    deal = kind.deal(1)
    boxes = kind.view(deal, {})["boxes"]
    four = boxes["b1"]["pieces"].first(4).to_h { |name| [ name, "b1" ] }
    assert kind.right?(deal, four, "b1")
    assert_equal false, kind.right?(deal, boxes["b1"]["pieces"].first(5).to_h { |name| [ name, "b1" ] }, "b1")
    assert_invalid(/another box/) { kind.accept(deal, four, { "piece" => boxes["b2"]["pieces"].first, "place" => "b1" }) }
  end

  def test_words_cross_where_they_share_a_letter_and_touch_nowhere_else
    words = %w[harbour tide anchor lighthouse rope buoy sail keel stern mast pier gull]
    kind = build("crossword", { "words" => words.map { |word| { "word" => word, "clue" => "?" } } })
    layout = kind.layout
    assert_empty layout.left
    assert_operator layout.crossings, :>=, words.size - 1
    layout.entries.each { |entry| assert_equal words[entry.index].upcase, entry.squares.map { |square| layout.squares[square] }.join }
    grid = Array.new(layout.height) { |row| Array.new(layout.width) { |column| layout.squares["#{column}-#{row}"] || " " } }
    runs = (grid + grid.transpose).flat_map { |line| line.join.split }.select { |run| run.size > 1 }
    assert_equal words.map(&:upcase).sort, runs.sort, "nothing else can be read"
    assert_equal layout.entries, Usher::Activities::Kinds::Crossword::Layout.new(words.map { |word| word.upcase.chars }, 1).entries, "the same words lie the same"
  end

  def test_letters_of_a_crossword_are_typed_one_by_one_and_accents_are_forgiven
    kind = build("crossword", { "words" => [ { "word" => "Jetée", "clue" => "a" }, { "word" => "tente", "clue" => "b" } ] })
    deal = kind.deal(1)
    cell = kind.cells(deal).find { |one| kind.questions[kind.question(deal, one)] == "Jetée" }
    squares = kind.view(deal, {})["words"][cell]["squares"]
    answers = squares.zip(%w[j E t e é]).inject({}) { |now, (square, letter)| kind.accept(deal, now, { "field" => square, "text" => letter }) }
    assert kind.right?(deal, answers, cell)
    assert_nil kind.answer(deal, kind.accept(deal, answers, { "field" => squares[0], "text" => "" }), cell)
    assert_invalid(/not in this crossword/) { kind.accept(deal, {}, { "field" => "99-99", "text" => "a" }) }
    assert_invalid(/has 5 letters/) { kind.accept(deal, {}, { "field" => cell, "text" => "jetties" }) }
    refute_includes kind.view(deal, {}).to_json, "J"
  end

  def test_every_hidden_word_stands_once_and_nothing_rude
    words = %w[HARBOUR TIDE ANCHOR ROPE BUOY SAIL].map(&:chars)
    directions = Usher::Activities::Kinds::WordSearch::DIRECTIONS
    directions.each_value do |steps|
      (1..15).each do |seed|
        grid = Usher::Activities::Kinds::WordSearch::Grid.new(words, steps, seed, avoid: [ %w[O A R] ])
        assert_equal [ 1 ], words.map { |word| grid.count(word) }.uniq
        assert_equal 0, [ %w[O A R], *Usher::Activities::Kinds::WordSearch::Grid::ALWAYS ].sum { |word| grid.count(word) }
        lines = grid.places.map { |place| place.first(2).map { |square| square.split("-").map(&:to_i) }.then { |(ax, ay), (bx, by)| [ bx - ax, by - ay ] } }
        assert_empty lines - steps
      end
    end
  end

  def test_a_line_that_is_no_word_is_missed
    kind = build("word_search")
    deal = kind.deal(1)
    place = deal.places.first
    assert_equal 1, kind.accept(deal, kind.start(deal), { "from" => place[0], "to" => place[1] })["missed"]
    assert kind.right?(deal, kind.accept(deal, kind.start(deal), { "from" => place[-1], "to" => place[0] }), "w1"), "from its end too"
    [ %w[0-0 1-2], %w[0-0 99-0], [ nil, 3 ], %w[a b] ].each { |from, to| assert_invalid(/no line/) { kind.accept(deal, kind.start(deal), { "from" => from, "to" => to }) } }
  end

  def test_dates_are_read_as_people_write_them
    value = ->(text) { Usher::Activities::Kinds::Timeline::Moment.read(text).value.to_f.round(2) }
    assert_equal [ -3000, -300, 1066, 33, 1820.36, 1820.33, 1820.36, 1820.36, 14.5, 9.08 ], [ "3000 BCE", "300 bc", "1066", "33 CE", "12 May 1820", "May 1820", "12.5.1820", "1820-05-12", "14:30", "9.05" ].map(&value)
  end

  def test_to_scale_places_lie_as_far_apart_as_in_time
    kind = build("timeline", CONTENT["timeline"].last)
    at = kind.view(kind.deal(1), {})["places"].values.map { |place| place["at"] }
    assert_equal [ 0.0, 0.497, 1.0, 1.0 ], at.map { |share| share.round(3) }
    deal = kind.deal(1)
    same = deal.names.select { |name| [ 2, 3 ].include?(deal.index(name)) }
    same.each { |name| assert kind.right?(deal, { name => "t3" }, "t3") }
  end

  def test_a_table_says_true_and_false_in_several_words
    rows = [ [ "a", "yes" ], [ "b", "F" ], [ "c", "✓" ] ]
    assert_equal [ true, false, true ], Usher::Activities.registry.fetch("true_false").from_table(rows, {})["sentences"].map { |sentence| sentence["true"] }
  end

  def test_tables_are_checked
    [ nil, {}, [ 1 ], [ [ 1 ] ], [ [ [] ] ], [ %w[a] * 13 ], [ %w[a] ] * 301 ].each { |given| assert_invalid(/A table has up to/) { Usher::Activities::Table.read(given) } }
    assert_equal [ [ "a", nil ] ], Usher::Activities::Table.read([ [ " ", "" ], [ "a", " " ], [ nil ] ])
  end
end
