require "core_test"
require "securerandom"

class PollsTest < CoreTest
  def kind(name, given = {}) = Usher::Polls.of(name, Usher::Polls.registry.fetch(name).read(given))

  def test_every_kind_says_what_it_is_and_refuses_nonsense
    given = { "choices" => { "choices" => "a\nb" }, "order" => { "things" => "a\nb" } }
    Usher::Polls.registry.each do |name, type|
      one = kind(name, given.fetch(name, {}))
      assert_operator type.title.length, :>, 2
      [ nil, [], {}, "", [ nil ], { "a" => 1 }, "x" * 500, [ "x" ] * 300 ].each { |answer| assert_invalid { one.accept(answer) } }
      assert_includes %w[bars texts cloud drawings heat ranks], one.shown_as
    end
    assert_invalid(/kind of question/) { Usher::Polls.of("riddle", {}) }
  end

  def test_letters_from_a_on
    assert_equal %w[A B C D], kind("letters", { "count" => "4" }).choices
    assert_equal 4, kind("letters").choices.size
    [ 1, 7, "x", "4.5" ].each { |count| assert_invalid { kind("letters", { "count" => count }) } }
  end

  def test_only_what_is_offered_is_an_answer
    assert_equal "B", kind("letters", { "count" => 2 }).accept("B")
    [ "C", "b", nil, [ "A" ] ].each { |answer| assert_invalid { kind("letters", { "count" => 2 }).accept(answer) } }
    assert_equal [ "Yes", "False" ], [ kind("yes_no").accept("Yes"), kind("true_false").accept("False") ]
  end

  def test_own_choices_one_or_several
    one = kind("choices", { "choices" => " Ebb \n\nFlood\nSlack" })
    assert_equal [ %w[Ebb Flood Slack], [ "Flood" ] ], [ one.choices, one.accept("Flood") ]
    assert_invalid { one.accept(%w[Ebb Flood]) }
    several = kind("choices", { "choices" => %w[Ebb Flood Slack], "several" => "1" })
    assert_equal %w[Ebb Slack], several.accept(%w[Slack Ebb])
    assert_equal [ 2, 1, 1 ], several.tally([ %w[Ebb Slack], %w[Ebb Flood] ]).rows.map(&:count)
    assert_equal 2, several.tally([ %w[Ebb Slack], %w[Ebb Flood] ]).total
    assert_equal "Ebb, Slack", several.words(%w[Ebb Slack])
    [ "one", (1..13).to_a.join("\n"), "a\na", "x" * 90 + "\nb" ].each { |choices| assert_invalid { kind("choices", { "choices" => choices }) } }
  end

  def test_a_scale_and_its_middle
    scale = kind("scale", { "steps" => "4", "low" => "calm", "high" => "storm" })
    assert_equal [ [ 1, 2, 3, 4 ], 4, 2.5, nil ], [ scale.choices, scale.accept("4"), scale.mean([ 1, 4 ]), scale.mean([]) ]
    [ 0, 5, "x", 2.5 ].each { |answer| assert_invalid { scale.accept(answer) } }
    [ 1, 11, "x" ].each { |steps| assert_invalid { kind("scale", { "steps" => steps }) } }
  end

  def test_a_number_as_it_is_typed_and_how_far_off_is_right
    metres = kind("number", { "unit" => "m", "right" => "3,5", "tolerance" => "0.2" })
    assert_equal [ 3.5, -2.0, 1000.0 ], [ "3,5", "−2", "1 000" ].map { |typed| metres.accept(typed) }
    assert_equal [ true, true, false ], [ 3.3, 3.7, 3.71 ].map { |answer| metres.right?(answer) }
    assert_nil kind("number").right?(3)
    assert_equal "3.5 m", metres.words(3.5)
    assert_equal [ [ 1.0, 1 ], [ 3.5, 2 ] ], metres.tally([ 3.5, 1.0, 3.5 ]).rows.map { |row| [ row.choice, row.count ] }
    [ "x", "1e99", "NaN", "3;5" ].each { |typed| assert_invalid { metres.accept(typed) } }
    [ { "right" => "x" }, { "right" => "1", "tolerance" => "-1" }, { "unit" => "x" * 30 } ].each { |given| assert_invalid { kind("number", given) } }
  end

  def test_words_that_mean_the_same_grow_together
    words = kind("words")
    tally = ->(*all) { words.tally(all.map { |one| words.accept(one) }).rows.map { |row| [ row.choice, row.count ] } }
    assert_equal [ [ "lighthouse", 4 ], [ "tide", 3 ] ], tally.("Lighthouse, tide", "lighthouse", "lighthouses", "lighthuose", "Tides", "TIDE")
    assert_equal [ [ "café", 2 ], [ "ferry", 2 ], [ "boats", 1 ], [ "goats", 1 ] ].sort, tally.("café", "cafe", "ferries", "ferry", "boats", "goats").sort.map { |word, count| [ { "cafe" => "café", "ferries" => "ferry" }.fetch(word, word), count ] }.sort
    assert_equal 2, tally.("ebb", "ebbs").dig(0, 1)
    assert_equal 2, tally.("1234567", "1234568").size, "numbers have no slips"
    assert_equal [ %w[a b c] ], [ words.accept("a, b;c") ]
    assert_invalid { words.accept("a,b,c,d") }
  end

  def test_the_teacher_joins_and_splits_by_hand
    joined = Usher::Polls::Merging.new(%w[ebb low low], joined: { "ebb" => "low" })
    assert_equal [ [ "low", 3 ] ], joined.tally.rows.map { |row| [ row.choice, row.count ] }
    split = Usher::Polls::Merging.new(%w[harbour harbours harbor], split: %w[harbor])
    assert_equal [ 2, 1 ], split.tally.rows.map(&:count)
    ring = Usher::Polls::Merging.new(%w[a b], joined: { "a" => "b", "b" => "a" })
    assert_equal 2, ring.tally.rows.sum(&:count)
  end

  def test_order_and_its_mean_places
    order = kind("order", { "things" => "moor\nrow\ncast off" })
    given = [ %w[row moor cast\ off], [ "moor", "row", "cast off" ] ]
    assert_equal given.first, order.accept(given.first.to_json)
    assert_equal [ [ "moor", 1.5 ], [ "row", 1.5 ], [ "cast off", 3.0 ] ], order.ranks(given)
    [ %w[moor row], %w[moor row row], "[", [ "moor", "row", 3 ] ].each { |answer| assert_invalid { order.accept(answer) } }
  end

  def test_a_spot_and_a_drawing
    assert_equal [ 12.3, 800.0 ], kind("spot").accept("[12.34, 800]")
    [ "[1]", "[-1, 5]", "[1, 901]", "[1, \"x\"]" ].each { |answer| assert_invalid { kind("spot").accept(answer) } }
    ink = { "kind" => "ink", "id" => "a1", "colour" => "#1e6079", "stroke_width" => 8, "nib" => "even", "opacity" => 1, "points" => [ [ 10, 10, nil, 0 ], [ 60, 40, nil, 9 ] ] }
    drawing = kind("drawing")
    kept = drawing.accept([ ink ].to_json)
    assert_includes drawing.draw(kept), "<path"
    [ [ ink.merge("kind" => "text") ], [ ink ] * 201, [ ink.merge("points" => []) ], [ ink.merge("colour" => "red") ] ].each { |answer| assert_invalid { drawing.accept(answer) } }
  end

  def test_answers_become_things_on_a_page
    ink = { "kind" => "ink", "id" => "a1", "colour" => "#1e6079", "stroke_width" => 8, "nib" => "even", "opacity" => 1, "points" => [ [ 10, 10, nil, 0 ], [ 1500, 840, nil, 9 ] ] }
    { "letters" => [ {}, %w[A B B] ], "choices" => [ { "choices" => "a\nb" }, [ [ "a" ] ] ], "number" => [ {}, [ 1.0, 2.5 ] ], "text" => [ {}, [ "ebb" ] * 40 ], "words" => [ {}, [ %w[ebb tide], %w[ebb] ] ],
      "order" => [ { "things" => "a\nb" }, [ %w[b a] ] ], "spot" => [ {}, [ [ 5, 5 ] ] ], "drawing" => [ {}, [ kind("drawing").accept([ ink ]) ] * 3 ], "scale" => [ {}, [] ] }.each do |name, (given, answers)|
      count = 0
      items = Usher::Polls::Sheet.new(kind(name, given), answers, title: "When?").items { "p#{count += 1}" }
      assert_operator items.size, :>, 1, name unless answers.empty?
      items.each do |item|
        box = Usher::Items.build(item).box.bounds
        assert_operator box.y + box.height, :<=, 960, "#{name} stays on the page"
      end
    end
  end

  def test_what_a_simulated_student_says_is_an_answer
    given = { "choices" => { "choices" => "ebb\nflood" }, "order" => { "things" => "a\nb\nc" } }
    Usher::Polls.registry.names.each do |name|
      one, random = kind(name, given.fetch(name, {})), Random.new(3)
      [ false, true ].each { |off| 20.times { refute_nil one.accept(one.guess(random, off)), name } }
    end
  end

  def test_answers_as_a_thing_that_grows
    { "letters" => [ { "count" => "2" }, %w[A B B] ], "number" => [ {}, [ 1.0, 2.5 ] ], "text" => [ {}, [ "ebb\nand flood" ] * 40 ], "words" => [ {}, [ %w[ebb tide], %w[ebb] ] ], "scale" => [ {}, [] ],
      "order" => [ { "things" => "a\nb" }, [ %w[b a] ] ], "spot" => [ {}, [ [ 5, 5 ], [ 1600, 900 ] ] * 400 ] }.each do |name, (given, answers)|
      figures = ->(**more) { Usher::Polls::Figures.new(kind(name, given), answers, title: "When?", **more).to_h }
      shown, hidden = [ false, true ].map { |one| Usher::Items.build({ "kind" => "results", "id" => "r", "x" => 0, "y" => 0, "width" => 700, "height" => 400, "poll" => 3, **figures.call(hidden: one) }) }
      assert_equal [ answers.size ] * 2, [ shown, hidden ].map(&:answered), name
      assert_empty hidden.rows.filter_map { |row| row["count"] } + hidden.spots.to_a, "#{name} tells nothing before it is shown"
      assert_operator shown.draw.length, :>=, hidden.draw.length, name
    end
  end

  def test_drawings_taken_as_a_page_lie_each_in_its_cell_as_they_lay_on_theirs
    stroke = { "kind" => "ink", "id" => "s", "colour" => "#1e6079", "stroke_width" => 8, "points" => [ [ 800, 450, nil, 0 ], [ 1600, 900, nil, 9 ] ] }
    items = Usher::Polls::Sheet.new(kind("drawing"), Array.new(2) { kind("drawing").accept([ stroke ]) }, title: "Draw", size: [ 1600, 900 ]).items { SecureRandom.alphanumeric(20) }
    boxes = items.map { |item| Usher::Items.build(item) }.grep(Usher::Items::Ink).map(&:box)
    assert_equal 2, boxes.size
    assert_equal boxes.map(&:y).uniq.size, 1
    assert_in_delta boxes[0].width * 2 + 24, boxes[1].x - boxes[0].x, 0.5
    boxes.each { |box| assert box.x.between?(80, 1520) && box.x + box.width <= 1520 && box.y + box.height <= 900, box.inspect }
  end

  def test_drawings_as_a_thing_are_the_latest_in_few_points_inside_it
    random = Random.new(5)
    stroke = ->(points) { { "kind" => "ink", "id" => "s", "colour" => "#1e6079", "stroke_width" => 6, "points" => points } }
    answers = Array.new(20) { kind("drawing").accept(Array.new(30) { stroke.(Array.new(300) { |at| [ random.rand(1600.0), random.rand(900.0), nil, at ] }) }) }
    figures = ->(all, **more) { Usher::Polls::Figures.new(kind("drawing"), all, title: "Draw", **more).to_h }
    build = ->(values) { Usher::Items.build({ "kind" => "results", "id" => "r", "x" => 0, "y" => 0, "width" => 700, "height" => 400, "poll" => 3, **values }) }
    shown = build.(figures.(answers))
    assert_equal [ 20, 12 ], [ shown.answered, shown.drawings.size ]
    assert_operator shown.drawings.flatten.sum { |stroke| stroke["points"].size }, :<=, Usher::Polls::Figures::POINTS
    places = shown.draw.scan(/translate\(([\d.]+) ([\d.]+)\) scale\(([\d.]+)\)/).map { |place| place.map(&:to_f) }
    assert_equal 12, places.uniq.size
    assert(places.all? { |x, y, scale| x >= 0 && y >= 0 && x + 1600 * scale <= 700 && y + 900 * scale <= 400 })
    dot = [ kind("drawing").accept([ stroke.([ [ 605, 405, nil, 0 ], [ 705, 405, nil, 9 ] ]) ]) ]
    assert_equal [ [ 605, 405 ], [ 705, 405 ] ], build.(figures.(dot)).drawings[0][0]["points"]
    [ figures.(answers, hidden: true), figures.([]) ].each { |none| refute_includes build.(none).draw, "polyline" }
    assert_equal [ 1_200, 1_600 ], figures.(dot, size: [ 1_200, 1_600 ])["page"]
  end

  def test_the_rows_of_a_thing_say_how_many_and_stay_inside_it
    rows = [ { "label" => "Out to sea & back", "count" => 20, "share" => 1 }, { "label" => "In", "count" => 5, "share" => 0.25 } ]
    item = Usher::Items.build({ "kind" => "results", "id" => "r", "x" => 0, "y" => 0, "width" => 500, "height" => 300, "poll" => 3, "title" => "Where to?", "answered" => 25, "rows" => rows })
    drawn = item.draw
    assert_includes drawn, "Out to sea &amp; back"
    long = drawn.scan(/<rect x="([\d.]+)"[^>]*width="([\d.]+)"/).map { |x, width| [ x.to_f, width.to_f ] }
    assert_equal 4, (long[0][1] / long[1][1]).round
    assert(long.all? { |x, width| x + width < 500 })
    assert_includes item.label, "In 5"
    [ { "rows" => rows * 7 }, { "rows" => [ { "label" => "x", "share" => 2 } ] }, { "spots" => [ [ 1, 2, 3 ] ] }, { "answered" => -1 } ].each { |bad| assert_invalid { item.change(bad) } }
  end

  def test_a_tally_counts_every_choice_and_scales_to_the_most_frequent
    tally = Usher::Polls::Tally.new(%w[A B C], %w[B B A])
    assert_equal [ [ "A", 1, 0.5 ], [ "B", 2, 1.0 ], [ "C", 0, 0.0 ] ], tally.rows.map(&:to_a)
    assert_equal 3, tally.total
    assert_equal [ 0.0 ], Usher::Polls::Tally.new(%w[A], []).rows.map(&:share)
  end
end
