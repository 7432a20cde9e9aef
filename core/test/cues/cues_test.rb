require "core_test"

class CuesTest < CoreTest
  THINGS = { "lift" => "cover", "lower" => "cover", "play" => "sound", "stop" => "video", "read" => "note", "send" => "activity", "roll" => "die" }.freeze

  # One of each verb, with the kind of thing it is about.
  def cue(verb, **given)
    kind = Usher::Cues.registry.fetch(verb)
    Usher::Cues.build({ "id" => "c1", "verb" => verb, "item" => ("thing" if kind.item?), "page" => (7 if verb == "turn"), **given.transform_keys(&:to_s) }.compact)
  end

  def thing(verb) = verb == "slide" ? on_track : item(THINGS.fetch(verb, "tile"), id: "thing")

  def on_track = item("tile", id: "thing", track: { "kind" => "path", "path" => "course", "points" => [ [ 0, 0 ], [ 400, 0 ] ] })

  Usher::Cues.registry.names.each do |verb|
    define_method("test_#{verb} is kept as it came, says what it does, and does something") do
      one = cue(verb)
      assert_equal one.to_h, Usher::Cues.build(JSON.parse(JSON.generate(one.to_h))).to_h
      refute_empty one.words(thing(verb))
      refute_empty one.words(nil)
      assert one.operation || one.asks(thing(verb)).any?, "#{verb} does nothing"
      Usher::Page::Operation.build(one.operation) if one.operation
    end

    define_method("test_#{verb} refuses what it does not know") do
      assert_invalid(/has no/) { Usher::Cues.build({ **cue(verb).to_h, "colour" => "#ffffff" }) }
      assert_invalid { Usher::Cues.build({ **cue(verb).to_h, "id" => "no good" }) }
      assert_invalid { Usher::Cues.build(cue(verb).to_h.except("item").merge("item" => 5)) }
    end
  end

  def test_a_cue_that_nobody_knows_or_that_is_no_cue
    assert_invalid(/kind of cue/) { Usher::Cues.build("id" => "c", "verb" => "begin_itself") }
    [ nil, [], "lift" ].each { |bad| assert_invalid { Usher::Cues.build(bad) } }
    assert_invalid { cue("slide", to: 2) }
    assert_invalid { cue("poll", letters: 9) }
    assert_invalid { cue("start", tool: "bell") }
    assert_invalid { cue("turn", page: "next") }
  end

  def test_what_fits_a_thing
    assert_equal %w[lift lower light], Usher::Cues.fitting(item("cover")).map(&:verb)
    assert_includes Usher::Cues.fitting(item("sound")).map(&:verb), "play"
    refute_includes Usher::Cues.fitting(item("tile")).map(&:verb), "slide"
    assert_includes Usher::Cues.fitting(on_track).map(&:verb), "slide"
    assert_equal %w[poll start turn], Usher::Cues.free.map(&:verb)
  end

  def test_the_prompt_goes_on_after_what_was_run_and_skips_what_is_gone_or_done
    list = [ { "id" => "a", "verb" => "lift", "item" => "lid" }, { "id" => "b", "verb" => "show", "item" => "gone" }, { "id" => "c", "verb" => "show", "item" => "tile" }, { "id" => "d", "verb" => "poll" } ]
    lid, tile = item("cover", id: "lid"), item("tile", id: "tile", audience: "nobody")
    prompt = ->(run, lid: lid(), tile: tile()) { Usher::Cues::Prompt.new(list, run: run, things: { "lid" => lid, "tile" => tile }) }
    define_singleton_method(:lid) { lid }
    define_singleton_method(:tile) { tile }
    assert_equal "a", prompt.([]).next.id
    assert_equal "c", prompt.(%w[a]).next.id
    assert_equal "d", prompt.(%w[a c]).next.id
    assert_nil prompt.(%w[a c d]).next
    assert_equal "c", prompt.([], lid: lid.change("off" => true)).next.id, "somebody took the cover off by hand"
    assert prompt.([]).broken?(prompt.([]).find("b"))
  end

  def test_cues_go_along_into_another_lesson
    list = [ { "id" => "a", "verb" => "turn", "page" => 3 }, { "id" => "b", "verb" => "turn", "page" => 4 }, { "id" => "c", "verb" => "poll", "letters" => 3 } ]
    assert_equal [ [ "a", 33 ], [ "c", nil ] ], Usher::Cues.relinked(list, pages: { 3 => 33 }, activities: {}).map { |cue| cue.values_at("id", "page") }
  end

  def test_the_operation_adds_changes_moves_and_takes_out_and_every_step_is_taken_back
    page = Usher::Page::Memory.new
    ids = -> { (page.style["cues"] || []).map { |cue| cue["id"] } }
    poll = ->(id, letters = 4) { { "id" => id, "verb" => "poll", "letters" => letters } }
    steps = [ { "put" => poll.("a") }, { "put" => poll.("b") }, { "put" => poll.("c"), "at" => 0 }, { "move" => "c", "at" => 2 }, { "put" => poll.("b", 3) }, { "remove" => "a" } ]
    states, inverses = [ ids.() ], []
    steps.each do |step|
      inverses << page.run({ "verb" => "cue", **step }).inverse
      states << ids.()
    end
    assert_equal [ [], %w[a], %w[a b], %w[c a b], %w[a b c], %w[a b c], %w[b c] ], states
    inverses.reverse.each_with_index do |inverse, index|
      page.run(JSON.parse(JSON.generate(inverse)))
      assert_equal states[-2 - index], ids.()
    end
    assert_invalid(/not on the page/) { page.run({ "verb" => "cue", "remove" => "zz" }) }
    assert_invalid { page.run({ "verb" => "cue" }) }
    (Usher::Cues::MOST - 0).times { |n| page.run({ "verb" => "cue", "put" => poll.("n#{n}") }) }
    assert_invalid(/at most/) { page.run({ "verb" => "cue", "put" => poll.("more") }) }
  end
end
