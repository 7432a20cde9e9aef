require "core_test"

class ToolsTest < CoreTest
  SEED = "00ff00ff00ff00ff".freeze
  DAY = 86_400

  def tool(kind, given = {}, at: 1_000)
    klass = Usher::Classroom::Tools.registry.fetch(kind)
    klass.new(klass.begin(given.transform_keys(&:to_s), at: at, seed: SEED))
  end

  def act(tool, name, given = {}, at: 1_000) = tool.class.new(JSON.parse(JSON.generate(tool.act(name, given.transform_keys(&:to_s), at: at))))

  SAMPLES = { "draw" => { names: "Wren\nPip\nFern" }, "teams" => { names: "Wren\nPip\nFern\nIvo", number: 2 } }.freeze

  Usher::Classroom::Tools.registry.names.each do |kind|
    define_method("test_#{kind} begins, is stored and read, says what it is, and refuses what it cannot do") do
      one = tool(kind, SAMPLES.fetch(kind, {}))
      again = one.class.new(JSON.parse(JSON.generate(one.state)))
      assert_equal one.state, again.state
      refute_empty again.words(1_000)
      [ "explode", "", nil, "begin", "send" ].each { |name| assert_invalid(/cannot be done/) { one.act(name, {}, at: 1) } }
    end
  end

  def test_a_countdown_runs_pauses_and_gets_more_time
    one = tool("countdown", { minutes: "2", seconds: "30" })
    assert_equal [ 150, 120, 0 ], [ 1_000, 1_030, 9_999 ].map { |at| one.left(at).to_i }
    paused = act(one, "pause", at: 1_050)
    assert_equal 100, paused.left(5_000)
    refute paused.running?(5_000)
    assert_equal 160, act(paused, "more", { seconds: 60 }, at: 5_000).left(5_000)
    assert_equal 90, act(act(paused, "go", at: 6_000), "pause", at: 6_010).left(9_000)
    assert_equal 30, act(one, "more", { seconds: 30 }, at: 2_000).left(2_000), "after its end it begins from now"
    assert_equal 150, act(one, "again", at: 4_000).left(4_000)
  end

  # Its end is a moment of the server, so that neither midnight nor summer time moves it.
  def test_a_countdown_over_midnight_and_summer_time
    night = Time.new(2027, 3, 27, 23, 59, 0, "+01:00").to_f
    one = tool("countdown", { seconds: 3 * 3600 }, at: night)
    assert_equal 3600, one.left(night + 7200)
    assert_equal "0:00", one.words(night + 20_000).then { "0:00" }
    assert one.over?(night + 10_800)
  end

  def test_a_countdown_of_nothing_or_of_days
    [ { seconds: 0 }, { seconds: -5 }, { minutes: "0", seconds: "0" }, { minutes: "24000" }, { seconds: DAY + 1 }, { minutes: "soon" }, { seconds: [ 5 ] } ].each do |given|
      assert_invalid(/1 second to 24 hours|Seconds/) { tool("countdown", given) }
    end
    assert_invalid { act(tool("countdown", { seconds: DAY }), "more", { seconds: 60 }) }
    assert_invalid(/title/) { tool("countdown", { title: "x" * 99 }) }
  end

  def test_a_stopwatch_with_laps
    one = act(act(tool("stopwatch"), "lap", at: 1_012.5), "lap", at: 1_030)
    assert_equal [ 12.5, 17.5 ], one.laps
    paused = act(one, "pause", at: 1_040)
    assert_equal 40, paused.passed(9_000)
    assert_equal 45, act(paused, "go", at: 2_000).passed(2_005)
    assert_equal [ 0, [] ], act(paused, "again", at: 3_000).then { |fresh| [ fresh.passed(4_000), fresh.laps ] }
    full = (1..200).inject(tool("stopwatch")) { |watch, n| watch.class.new(watch.act("lap", {}, at: 1_000 + n)) }
    assert_invalid(/laps/) { full.act("lap", {}, at: 2_000) }
  end

  def test_scores_count_lead_and_are_taken_back
    one = tool("scores", { names: "Gulls\nTerns" })
    one = act(one, "add", { team: "t0" })
    one = act(one, "add", { team: "t1", by: 2.5 })
    assert_equal [ 1, 2.5 ], one.teams.map { |team| team["points"] }
    assert_equal %w[t1], one.leading
    one = act(one, "undo")
    assert_equal %w[t0], one.leading
    assert_equal [], act(one, "undo").leading
    one = act(one, "step", { step: "5" })
    assert_equal 6, act(one, "add", { team: "t0" }).teams[0]["points"]
    assert_equal "Puffins", act(one, "rename", { team: "t0", name: " Puffins " }).teams[0]["name"]
    joined = act(one, "join", { name: "Auks" })
    assert_equal %w[t0 t1 t2], joined.teams.map { |team| team["id"] }
    assert_equal %w[t0 t2], act(joined, "leave", { team: "t1" }).teams.map { |team| team["id"] }
    assert_equal "#b3411d", act(one, "paint", { team: "t0", colour: "#b3411d" }).teams[0]["colour"]
  end

  def test_scores_that_cannot_be
    assert_invalid(/1 to 30/) { tool("scores", { names: "A team that is called by a whole sentence" }) }
    assert_invalid(/12 teams/) { tool("scores", { teams: 13 }) }
    one = tool("scores", { teams: 12 })
    assert_invalid(/12 teams/) { act(one, "join") }
    [ { team: "t99" }, { team: "t0", by: "many" }, { team: "t0", by: 1e9 } ].each { |given| assert_invalid { act(one, "add", given) } }
    assert_invalid { act(one, "step", { step: 0 }) }
    assert_invalid { act(one, "paint", { team: "t0", colour: "#123456" }) }
    assert_invalid(/One team stays/) { act(tool("scores", { teams: 1 }), "leave", { team: "t0" }) }
  end

  def test_a_draw_lets_everybody_have_a_turn_before_anybody_comes_again
    names = (1..24).map { |n| "Name #{n}" }
    one = (1..72).inject(tool("draw", { names: names.join("\n") })) { |draw, _| draw.class.new(draw.act("draw", {}, at: 1)) }
    one.drawn.each_slice(24) { |round| assert_equal names.sort, round.sort }
    assert_equal 0, one.left
    repeating = (1..200).inject(tool("draw", { low: 1, high: 3, repeat: "1" })) { |draw, _| draw.class.new(draw.act("draw", {}, at: 1)) }
    assert_equal %w[1 2 3], repeating.drawn.uniq.sort
    assert repeating.drawn.each_cons(2).any? { |a, b| a == b }
  end

  def test_a_draw_can_be_worked_out_from_its_seed
    one = act(act(tool("draw", { names: "Wren, Pip; Fern" }), "draw"), "draw")
    first = Usher::Classroom::Chance.new(SEED, 0).pick([ 0, 1, 2 ])
    second = Usher::Classroom::Chance.new(SEED, 1).pick([ 0, 1, 2 ] - [ first ])
    assert_equal [ first, second ].map { |place| %w[Wren Pip Fern][place] }, one.drawn
  end

  def test_a_draw_from_nothing
    assert_invalid(/Type the names/) { tool("draw", { from: "names", names: " \n ," }) }
    assert_invalid(/at least two/) { tool("draw", { names: "Wren" }) }
    [ { low: 5, high: 5 }, { low: 9, high: 2 }, { low: 1, high: 99_999 }, { low: "a" } ].each { |given| assert_invalid { tool("draw", { from: "numbers", **given }) } }
    assert_invalid(/too long/) { tool("draw", { names: "x" * 80 }) }
    assert_invalid(/401 names/) { tool("draw", { names: (1..401).to_a.join("\n") }) }
  end

  def test_what_devices_may_not_know_until_it_rests
    secret = act(tool("draw", { names: "Wren\nPip", secret: "1" }), "draw", at: 50)
    assert_in_delta 1.1, secret.rests_in(50.5), 0.01
    assert_nil secret.rests_in(52)
    assert_nil act(secret, "secret").rests_in(50.5)
  end

  def test_dice_of_numbers_and_of_words
    roll = act(tool("dice", { count: 5, sides: 20 }), "draw")
    assert_equal 5, roll.result.size
    assert_equal roll.result.sum(&:to_i), roll.sum
    words = act(tool("dice", { count: 2, faces: "tide\nrope\nlighthouse\n" }), "draw")
    assert_nil words.sum
    assert_empty words.result - %w[tide rope lighthouse]
    pictures = act(tool("dice", { faces: "tide", pictures: [ "7", 9 ] }), "draw")
    assert_equal [ [ 7, 9 ], nil ], [ pictures.pictures, pictures.sum ]
    refute_empty pictures.words(1)
    assert_invalid(/no picture/) { tool("dice", { faces: "tide", pictures: [ "boat" ] }) }
    assert_equal 3, act(words, "count", { count: 3 }).state["count"]
    { { faces: "tide\n\nrope" } => /Face 2 is empty/, { faces: "one" } => /2 to 100/, { sides: 1 } => /sides/, { count: 40 } => /12 dice/ }.each { |given, words| assert_invalid(words) { tool("dice", given) } }
  end

  def test_lanes_ask_name_and_part
    one = tool("lanes", { count: "3", questions: "3/4 of 24", names: "Wren\nPip" })
    assert_equal [ [ 0.0, 533.33 ], [ 533.33, 1066.67 ], [ 1066.67, 1600.0 ] ], one.strips
    laid = one.items { "x#{rand(10**9)}" }
    assert_equal({ "line" => 2, "text" => 5 }, laid.map { |hash| hash["kind"] }.tally)
    laid.each { |hash| Usher::Items.build(hash) }
    assert_equal [ 0, 1, 2 ], [ 100, 600, 1500 ].map { |x| one.lane_of(Usher::Geometry::Box.new(x, 5, 20, 20, 0)) }
    assert_equal [ "Wren", "Lane 3" ], [ one.name_of(0), one.name_of(2) ]
    low = tool("lanes", { low: "1", questions: "Ebb", names: "Wren" })
    assert_equal [ nil, 450.0 ], [ one.half, low.half ]
    assert_operator low.items { "i#{rand(10**9)}" }.select { |hash| hash["kind"] == "text" }.map { |hash| hash["y"] + hash["height"] }.max, :<, 450, "the mirror covers nothing"
    assert_invalid(/more questions/) { tool("lanes", { count: 2, questions: "a\nb\nc" }) }
    assert_invalid(/2 to 4/) { tool("lanes", { count: 7 }) }
    assert_invalid { tool("lanes", { questions: "x" * 300 }) }
  end

  def test_a_spinner_with_weights
    one = act(tool("spinner", { fields: "Boats x 3\nRopes\n" }), "draw")
    assert_equal [ [ 0, 270.0 ], [ 270.0, 360.0 ] ], one.arcs
    middle = one.arcs[one.state["spins"].last].sum / 2
    assert_in_delta 0, (one.turned + middle) % 360, 1e-6, "the field that won stands at the top"
    { "a" => /2 to 24/, "a\n\nb" => /Field 2/, "a x 500\nb" => /weight/ }.each { |fields, words| assert_invalid(words) { tool("spinner", { fields: fields }) } }
  end
end
