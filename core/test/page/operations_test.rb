require "core_test"

class OperationsTest < CoreTest
  def setup
    @page = Usher::Page::Memory.new
    @page.run(put(item("note", id: "a"), item("note", id: "b"), item("note", id: "c")))
  end

  def ids = @page.stack.map(&:id)

  def test_new_items_lie_in_front
    @page.run(put(item("line", id: "d")))
    assert_equal %w[a b c d], ids
  end

  def test_front_and_back_keep_the_order_among_the_moved
    @page.run({ "verb" => "reorder", "ids" => %w[b a], "to" => "front" })
    assert_equal %w[c a b], ids
    @page.run({ "verb" => "reorder", "ids" => %w[b a], "to" => "back" })
    assert_equal %w[a b c], ids
  end

  def test_an_id_cannot_be_put_twice
    assert_invalid(/already/) { @page.run(put(item("note", id: "a"))) }
    assert_invalid(/twice/) { Usher::Page::Operation.build(put(item("line", id: "d"), item("line", id: "d"))) }
  end

  def test_what_is_gone_cannot_be_changed_but_undo_passes_over_it
    change = { "verb" => "change", "changes" => [ { "id" => "zz", "set" => { "x" => 1 } } ] }
    assert_invalid(/no longer/) { @page.run(change) }
    outcome = @page.run(change, lenient: true)
    assert_empty outcome.put
    assert_nil outcome.inverse
  end

  def test_a_refused_operation_changes_nothing
    before = @page.stack.map(&:to_h)
    assert_invalid { @page.run({ "verb" => "change", "changes" => [ { "id" => "a", "set" => { "x" => 9 } }, { "id" => "b", "set" => { "x" => "?" } } ] }) }
    assert_equal before, @page.stack.map(&:to_h)
  end

  def test_a_change_that_also_settles_is_taken_back_whole
    @page.run(put(item("text", id: "t", text: "tide", width: 300)))
    before = @page.find([ "t" ]).values.first.to_h
    inverse = @page.run({ "verb" => "change", "changes" => [ { "id" => "t", "set" => { "text" => "tide\nturns" } } ] }).inverse
    @page.run(inverse)
    assert_equal before, @page.find([ "t" ]).values.first.to_h
  end

  def test_the_page_itself_changes_and_changes_back
    inverse = @page.run({ "verb" => "restyle", "set" => { "paper" => "ruled", "minutes" => 8 } }).inverse
    assert_equal "ruled", @page.style["paper"]
    @page.run(inverse)
    assert_equal Usher::Page::Style::DEFAULTS, @page.style
  end

  def test_a_page_refuses_papers_colours_and_minutes_that_are_not
    [ { "paper" => "leather" }, { "colour" => "red" }, { "minutes" => -1 }, { "minutes" => 601 }, { "size" => 1 }, {}, nil ].each do |set|
      assert_invalid { @page.run({ "verb" => "restyle", "set" => set }) }
    end
  end

  def test_shapes_of_operations_that_are_refused
    [ nil, [], {}, { "verb" => "sink" }, { "verb" => "put" }, { "verb" => "put", "items" => [] }, { "verb" => "put", "items" => [ 1 ] },
      { "verb" => "put", "items" => [ item("note").to_h ] * 2_001 }, { "verb" => "remove", "ids" => [ 4 ] }, { "verb" => "remove", "ids" => "a" },
      { "verb" => "change", "changes" => [ { "id" => "a" } ] }, { "verb" => "change", "changes" => [ { "id" => "a", "set" => {} } ] },
      { "verb" => "reorder", "ids" => [ "a" ], "to" => "side" }, { "verb" => "put", "items" => [ item("note").to_h.merge("z" => "top") ] } ].each do |hash|
      assert_invalid { @page.run(hash) }
    end
  end

  def test_turning_changes_nothing
    outcome = @page.run({ "verb" => "turn" })
    assert_equal [ [], [], {}, nil, nil ], outcome.to_a
  end

  # Any sequence of operations is taken back to the start by its inverses, whatever it was.
  def test_random_histories_rewind_to_where_they_began
    random = Random.new(7)
    20.times do
      start = @page.stack.map(&:to_h)
      inverses = Array.new(30) { |step| @page.run(any_operation(random, "r#{random.rand(1_000_000)}-#{step}")).inverse }
      rewind(@page, inverses)
      assert_equal start, @page.stack.map(&:to_h)
    end
  end

  def test_a_change_that_saw_something_else_clashes_and_changes_nothing
    page = Usher::Page::Memory.new
    page.run(put(item("note", id: "n", text: "Boots")))
    change = ->(text, seen, **more) { page.run({ "verb" => "change", "changes" => [ { "id" => "n", "set" => { "text" => text }, "seen" => seen } ] }, **more) }
    change.("Coats", { "text" => "Boots" })
    assert_raises(Usher::Clash) { change.("Ropes", { "text" => "Boots" }) }
    assert_equal "Coats", page.find([ "n" ])["n"].item.text
    change.("Coats", { "text" => "Boots" }) # both wrote the same
    change.("Ropes", { "text" => "Boots" }, lenient: true)
    change.("Sails", { "nothing" => 1 })
    assert_equal "Sails", page.find([ "n" ])["n"].item.text
  end

  private

  def any_operation(random, fresh)
    some = ids.sample([ 1 + random.rand(3), ids.size ].min, random: random)
    return put(item(%w[note line text ellipse].sample(random: random), id: fresh)) if some.empty?
    [ -> { put(item(%w[note line text ellipse].sample(random: random), id: fresh)) },
      -> { { "verb" => "change", "changes" => some.map { |id| { "id" => id, "set" => { "x" => random.rand(1600), "angle" => random.rand(90) } } } } },
      -> { { "verb" => "remove", "ids" => some } },
      -> { { "verb" => "reorder", "ids" => some, "to" => %w[front back].sample(random: random) } },
      -> { { "verb" => "restyle", "set" => { "minutes" => random.rand(20) } } } ].sample(random: random).call
  end
end
