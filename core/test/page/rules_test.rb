require "core_test"

# Rules of operations that small deliberate faults got past once (bench/faults).
class PageRulesTest < CoreTest
  def setup
    @page = Usher::Page::Memory.new
  end

  # ---- limits

  def test_how_far_a_move_may_go
    @page.run(put(item("note", id: "a", x: 0, y: 0)))
    move = ->(by) { { "verb" => "move", "ids" => %w[a], "by" => by } }
    [ [ 200_001, 0 ], [ 0, -200_001 ], [ 1 ], [ 1, 2, 3 ], %w[1 2], nil ].each { |by| assert_invalid(/distance/i) { Usher::Page::Operation.build(move.(by)) } }
    assert Usher::Page::Operation.build(move.([ 200_000, -200_000 ]))
    assert_invalid { @page.run(move.([ 100_001, 0 ])) }
    assert_equal 0, at("a").x
  end

  def test_how_many_things_one_operation_names
    most = Usher::Page::Operation::MAX_ITEMS
    ids = Array.new(most) { |number| "n#{number}" }
    assert Usher::Page::Operation.build({ "verb" => "remove", "ids" => ids })
    assert_invalid(/1 to #{most}/) { Usher::Page::Operation.build({ "verb" => "remove", "ids" => ids + [ "one-more" ] }) }
    assert_invalid(/1 to #{most}/) { Usher::Page::Operation.build({ "verb" => "remove", "ids" => [] }) }
  end

  def test_steps_together_are_nested_once_and_no_deeper
    change = { "verb" => "remove", "ids" => %w[a] }
    once = { "verb" => "together", "steps" => [ change ] }
    twice = { "verb" => "together", "steps" => [ once ] }
    assert Usher::Page::Operation.build(twice)
    assert_invalid(/steps of its own/) { Usher::Page::Operation.build({ "verb" => "together", "steps" => [ change, twice ] }) }
    most = Usher::Page::Operations.registry.fetch("together")::MAX
    assert Usher::Page::Operation.build({ "verb" => "together", "steps" => [ change ] * most })
    assert_invalid(/1 to #{most}/) { Usher::Page::Operation.build({ "verb" => "together", "steps" => [ change ] * (most + 1) }) }
    assert_invalid { Usher::Page::Operation.build({ "verb" => "together", "steps" => [] }) }
  end

  def test_a_pile_counts_up_to_999
    assert_equal 999, item("tile", text: "1", pile: { "limit" => 999 }, left: 999).left
    assert_invalid { item("tile", text: "1", pile: { "limit" => 1000 }) }
    assert_invalid { item("tile", text: "1", left: 1000) }
  end

  def test_tidy_takes_no_more_than_it_can_look_through
    points = Array.new(4_000) { |step| [ step % 1_000, (step * 7) % 500, nil, step ] }
    strokes = Array.new(6) { |number| stroke(points, id: "s#{number}") }
    @page.run(put(*strokes))
    assert_invalid(/more than Usher can tidy/) { @page.run({ "verb" => "tidy", "ids" => strokes.map(&:id) }) }
  end

  def test_how_large_and_where_a_thing_may_be
    assert_equal 20_000, item("rectangle", width: 20_000, height: 20_000).height
    %w[width height].each { |side| assert_invalid(/#{side}/) { item("rectangle", side => 20_001) } }
    %w[x y].each do |place|
      assert_equal(-100_000, item("rectangle", place => -100_000).all[place])
      assert_invalid(/#{place}/) { item("rectangle", place => 100_001) }
    end
    assert_equal 360, item("rectangle", angle: 360).angle
    assert_invalid(/angle/) { item("rectangle", angle: 361) }
  end

  def test_how_many_letters_a_poll_has
    letters = ->(count) { Usher::Polls.of("letters", Usher::Polls::Kinds::Letters.read({ "count" => count })) }
    assert_equal %w[A B], letters.(2).choices
    assert_equal %w[A B C D E F], letters.(6).choices
    [ 1, 7, "x", 2.5 ].each { |count| assert_invalid(/2 to 6/) { letters.(count) } }
  end

  # ---- what is named must fit

  def test_all_parts_that_hand_out_copies_are_piles
    @page.run(put(item("tile", id: "coin", text: "1", pile: { "limit" => 0 }), item("tile", id: "plain", text: "2")))
    deal = { "verb" => "deal", "piles" => %w[coin plain], "ids" => %w[c1 c2], "by" => [ 0, 300 ], "group" => "g" }
    assert_invalid(/not a pile/) { @page.run(deal) }
    assert_invalid(/needs an id for its copy/) { Usher::Page::Operation.build(deal.merge("ids" => %w[c1])) }
    assert_invalid(/for them together/) { Usher::Page::Operation.build(deal.except("group")) }
    assert_invalid(/on the page already/) { @page.run(deal.merge("piles" => %w[coin], "ids" => %w[plain])) }
  end

  def test_a_track_along_something_names_it_and_has_its_points
    assert_invalid(/name a path/) { item("note", track: { "kind" => "path" }) }
    assert_invalid(/name a path/) { item("note", track: { "kind" => "path", "path" => "course", "points" => [] }) }
    assert_invalid(/name a path/) { item("note", track: { "kind" => "area", "points" => [ [ 0, 0 ] ] }) }
    assert_equal "sideways", item("note", track: { "kind" => "sideways" }).track["kind"]
  end

  def test_double_ids_are_taken_once
    @page.run(put(item("note", id: "a", x: 10)))
    @page.run({ "verb" => "move", "ids" => %w[a a], "by" => [ 5, 0 ] })
    assert_equal 15, at("a").x
  end

  # ---- what is stored is what was said

  def test_each_operation_is_stored_as_it_came
    [
      { "verb" => "move", "ids" => %w[a], "by" => [ 5, 0 ] },
      { "verb" => "move", "ids" => %w[a b], "by" => [ 5, 0 ], "from" => [ [ 1, 2 ], [ 3, 4 ] ] },
      { "verb" => "deal", "piles" => %w[a], "ids" => %w[b], "by" => [ 5, 0 ] },
      { "verb" => "reorder", "ids" => %w[a], "to" => "back" },
      { "verb" => "remove", "ids" => %w[a b] }
    ].each { |hash| assert_equal hash, Usher::Page::Operation.build(hash).to_h }
  end

  def test_what_a_browser_needs_to_handle_a_thing
    assert_equal({}, item("note").handling)
    assert_equal({ "pinned" => "place" }, item("note", pinned: "place").handling)
    assert_equal({ "groups" => "inner outer" }, item("note", groups: %w[inner outer]).handling)
    assert_equal "stroke stroke_width dash fill opacity", item("rectangle").class.paints.split.sort_by { |name| Usher::Items::Item::PAINTS.index(name) }.then { |names| names & %w[stroke stroke_width dash fill opacity] }.join(" ")
    assert_nil item("activity").class.paints
    assert_equal({ "audience" => "room" }, item("note", audience: "room").handling)
  end

  # ---- order and undo

  def test_to_the_back_lies_under_everything_and_goes_back_where_it_was
    @page.run(put(*%w[a b c d].map { |id| item("note", id: id) }))
    back = @page.run({ "verb" => "reorder", "ids" => %w[d b], "to" => "back" })
    assert_equal %w[b d a c], ids
    @page.run(back.inverse)
    assert_equal %w[a b c d], ids
    assert_nil @page.run({ "verb" => "reorder", "ids" => %w[gone], "to" => "back" }, lenient: true).inverse
  end

  def test_taking_from_a_pile_is_one_step_back_and_nothing_where_the_pile_is_gone
    @page.run(put(item("tile", id: "coin", text: "1", pile: { "limit" => 0 })))
    dealt = @page.run({ "verb" => "deal", "piles" => %w[coin], "ids" => %w[c1], "by" => [ 300, 0 ] })
    assert_equal({ "verb" => "remove", "ids" => %w[c1] }, dealt.inverse)
    assert_nil @page.run({ "verb" => "deal", "piles" => %w[gone], "ids" => %w[c2], "by" => [ 0, 0 ] }, lenient: true).inverse
  end

  def test_outlines_are_the_edges_and_can_lie_further_in
    points = ->(**more) { item("note", x: 10, y: 20, width: 200, height: 100).outline(**more).points.map { |point| point.map(&:round) } }
    assert_equal [ [ 10, 20 ], [ 210, 20 ], [ 210, 120 ], [ 10, 120 ] ], points.().first(4)
    assert_equal [ [ 40, 30 ], [ 180, 30 ], [ 180, 110 ], [ 40, 110 ] ], points.(inset: [ 30, 10 ]).first(4)
    assert_equal [ [ 110, 70 ] ], points.(inset: [ 500, 500 ]).uniq
  end

  def test_what_kinds_say_of_themselves
    kinds = Usher::Items.registry
    assert_equal %w[area cover], kinds.select { |_, kind| !kind.handed? }.map(&:first).sort
    assert_equal %w[sound video], kinds.select { |_, kind| !kind.linked? }.map(&:first).sort
    assert_equal %w[arrow curve line], kinds.select { |_, kind| kind.by_knots? }.map(&:first).sort
    assert_equal %w[activity callout die flash_card formula note picture set_square spinner text tile video], kinds.select { |_, kind| kind.even? }.map(&:first).sort
    assert_equal({ width: 860, height: 96 }, kinds.fetch("ruler").laid)
  end

  def test_two_that_do_not_belong_together_follow_one_path_each_by_its_own_middle
    @page.run(put(item("line", id: "rope", x: 100, y: 500, width: 800, height: 0), *[ [ "boat", 460 ], [ "buoy", 760 ] ].map { |id, x| item("tile", id: id, size: 30, x: x, y: 100, width: 80, height: 80) }))
    %w[boat buoy].each { |id| @page.run({ "verb" => "track", "ids" => [ id ], "kind" => "path", "path" => "rope" }) }
    shares = %w[boat buoy].map { |id| at(id).along }
    @page.run({ "verb" => "move", "ids" => %w[rope], "by" => [ 40, -60 ] })
    assert_equal [ 500, 800, 400, 400 ], [ at("boat").x, at("buoy").x, at("boat").y, at("buoy").y ]
    assert_equal shares, %w[boat buoy].map { |id| at(id).along }
  end

  # ---- coming home to a pile, moving, placing

  def test_a_copy_comes_home_where_its_middle_lies_on_its_own_pile
    @page.run(put(item("ellipse", id: "coin", x: 100, y: 100, width: 100, height: 100, pile: { "limit" => 9 }), item("ellipse", id: "other", x: 600, y: 100, width: 100, height: 100, pile: { "limit" => 9 })))
    home = ->(x, y) do
      @page.run(put(item("ellipse", id: "c", x: 1_000, y: 500, width: 40, height: 40, origin: "coin")))
      @page.run({ "verb" => "move", "ids" => %w[c], "by" => [ x - 1_020, y - 520 ] })
      (!ids.include?("c")).tap { |gone| @page.run({ "verb" => "remove", "ids" => %w[c] }) unless gone }
    end
    [ [ 150, 150 ], [ 100, 100 ], [ 200, 200 ] ].each { |at| assert home.(*at), at.to_s }
    [ [ 99, 150 ], [ 150, 201 ], [ 150, 500 ], [ 500, 150 ], [ 650, 150 ] ].each { |at| refute home.(*at), at.to_s }
  end

  def test_what_is_grouped_with_one_that_comes_home_goes_with_it_and_nothing_else_does
    copy = ->(id, x, **more) { item("tile", id: id, text: "1", x: x, y: 500, width: 40, height: 40, **more) }
    @page.run(put(item("tile", id: "coin", text: "1", x: 100, y: 100, width: 100, height: 100, pile: { "limit" => 9 }),
      copy.("a", 500, origin: "coin", groups: %w[inner outer]), copy.("b", 700, origin: "coin", groups: %w[other outer]),
      copy.("mine", 800, groups: %w[inner outer]), copy.("far", 900, origin: "coin", groups: %w[inner elsewhere]), copy.("alone", 1_000, origin: "coin")))
    moved = @page.run({ "verb" => "move", "ids" => %w[a b mine far alone], "by" => [ -370, -370 ] })
    assert_equal %w[coin mine far alone], ids
    @page.run(moved.inverse)
    assert_equal %w[coin a b mine far alone].sort, ids.sort
    assert_equal [ 500, 700, 800, 900, 1_000 ], %w[a b mine far alone].map { |id| at(id).x }
  end

  def test_a_hand_that_saw_it_elsewhere_puts_it_where_it_let_go_and_is_told
    @page.run(put(item("note", id: "a", x: 100, y: 100), item("note", id: "b", x: 500, y: 100)))
    move = ->(ids, from) { @page.run({ "verb" => "move", "ids" => ids, "by" => [ 10, 20 ], "from" => from }) }
    assert_nil move.(%w[a b], [ [ 100, 100 ], [ 500, 100 ] ]).note
    assert_nil move.(%w[a], [ [ 110.02, 120 ] ]).note, "rounding is no other hand"
    assert_match(/Somebody else moved/, move.(%w[a b], [ [ 300, 300 ], [ 510, 120 ] ]).note)
    assert_equal [ [ 310, 320 ], [ 520, 140 ] ], %w[a b].map { |id| [ at(id).x, at(id).y ] }
  end

  def test_numbers_place_one_by_itself_and_several_by_the_box_around_them
    @page.run(put(item("note", id: "a", x: 100, y: 100, angle: 90), item("note", id: "b", x: 500, y: 300), item("tile", id: "t", text: "1", x: 900, y: 600, track: { "kind" => "sideways" })))
    place = ->(ids, set) { @page.run({ "verb" => "place", "ids" => ids, "set" => set }) }
    place.(%w[a], { "x" => 40 })
    assert_equal [ 40, 100, 90 ], [ at("a").x, at("a").y, at("a").angle ]
    place.(%w[b t], { "x" => 0, "y" => 0 })
    assert_equal [ [ 0, 0 ], [ 400, 600 ] ], %w[b t].map { |id| [ at(id).x, at(id).y ] }, "along its track only"
    assert_nil @page.run({ "verb" => "place", "ids" => %w[gone], "set" => { "x" => 1 } }, lenient: true).inverse
  end

  def test_several_that_lie_in_groups_are_taken_by_the_outermost
    units = Usher::Page::Units.new([ %w[inner outer], %w[other outer], %w[inner], [] ].each_with_index.map { |groups, n| Usher::Page::Placed.new(item("note", id: "n#{n}", groups: groups), n) })
    assert_equal [ %w[n0 n1], %w[n2], %w[n3] ], units.map(&:ids)
  end

  # ---- nothing to do is no step

  def test_nothing_to_do_is_no_step
    @page.run(put(item("note", id: "a")))
    assert_nil @page.run({ "verb" => "clear" }).inverse
    assert_nil @page.run({ "verb" => "flip", "ids" => %w[gone], "axis" => "across" }, lenient: true).inverse
    assert_nil @page.run({ "verb" => "move", "ids" => %w[gone], "by" => [ 1, 1 ] }, lenient: true).inverse
    @page.run(put(stroke([ [ 0, 0 ], [ 50, 0 ] ], id: "s")))
    assert_equal "put", @page.run({ "verb" => "clear" }).inverse["verb"]
  end

  def test_a_change_of_the_height_alone_leaves_the_rest_and_goes_back
    @page.run(put(item("note", id: "a"), item("note", id: "b")))
    changed = @page.run({ "verb" => "change", "changes" => [ { "id" => "a", "set" => { "z" => 99 } } ] })
    assert_equal [ %w[b a], "Bring boots" ], [ ids, at("a").text ]
    assert_equal [ { "id" => "a", "set" => { "z" => 1 } } ], changed.inverse["changes"]
  end

  def test_how_many_things_a_reset_brings
    most = Usher::Page::Operations.registry.fetch("reset")::MOST
    reset = ->(count) { { "verb" => "reset", "items" => [], "gone" => Array.new(count) { |n| "n#{n}" }, "set" => {} } }
    assert Usher::Page::Operation.build(reset.(most))
    assert_invalid(/not whole/) { Usher::Page::Operation.build(reset.(most + 1)) }
  end

  def test_one_difference_alone_is_a_difference
    from = Usher::Page::Memory.new.tap { |page| page.run(put(item("note", id: "a"), item("note", id: "b"))) }
    without = Usher::Page::Memory.new(from.stack.first(1), style: from.style)
    dyed = Usher::Page::Memory.new(from.stack, style: from.style.merge("colour" => "#fdfaf4"))
    assert_equal [ [], %w[b], {} ], Usher::Page::Difference.between(from, without).values_at("items", "gone", "set")
    assert_equal [ %w[b], [], {} ], Usher::Page::Difference.between(without, from).then { |step| [ step["items"].map { |one| one["id"] }, *step.values_at("gone", "set") ] }
    assert_equal [ [], [], { "colour" => "#fdfaf4" } ], Usher::Page::Difference.between(from, dyed).values_at("items", "gone", "set")
  end

  # ---- what is laid over a page

  def test_the_lowest_and_the_highest_of_what_is_laid_over_a_page
    overlay = Usher::Page::Overlay.new(@page.tap { |page| page.run(put(item("note", id: "a"))) })
    overlay.add(Usher::Page::Outcome.new(put: [ Usher::Page::Placed.new(item("note", id: "low"), -7), Usher::Page::Placed.new(item("note", id: "high"), 70) ]))
    assert_equal [ -7, 70 ], [ overlay.bottom, overlay.top ]
    2.times { overlay.add(Usher::Page::Outcome.new(gone: %w[a])) }
    assert_equal %w[a], overlay.outcome(nil).gone
  end

  def test_what_is_offered_has_an_order
    assert_equal Usher::Page::Layouts::ORDER, Usher::Page::Layouts.names.first(Usher::Page::Layouts::ORDER.size)
    assert_equal Usher::Page::Papers::ORDER, Usher::Page::Papers.names.first(Usher::Page::Papers::ORDER.size)
    assert_equal "Squared", Usher::Page::Papers.registry.fetch("squared").title
  end

  def test_lines_of_a_paper_do_not_fall_on_its_edge
    lines = ->(gap) { Usher::Page::Papers.registry.fetch("squared").new.send(:every, gap, 900) }
    assert_equal [ [ 300, 600 ], [ 400, 800 ], [] ], [ lines.(300.0), lines.(400.0), lines.(900.0) ]
  end

  # ---- scaling turned things

  def test_a_thing_that_stands_nearly_upside_down_is_scaled_along_its_own_axes
    { 179.8 => [ 400, 100 ], 0.2 => [ 400, 100 ], 90.2 => [ 200, 200 ], 45 => [ 200 * Math.sqrt(2), 100 * Math.sqrt(2) ] }.each do |angle, (width, height)|
      page = Usher::Page::Memory.new
      page.run(put(item("rectangle", id: "r", angle: angle, width: 200, height: 100)))
      page.run({ "verb" => "scale", "ids" => %w[r], "about" => [ 0, 0 ], "by" => [ 2, 1 ] })
      scaled = page.find(%w[r]).fetch("r").item
      assert_in_delta width, scaled.width, 0.01, "width at #{angle} degrees"
      assert_in_delta height, scaled.height, 0.01, "height at #{angle} degrees"
    end
  end

  # ---- tracks, steps together, turning

  def test_a_track_is_stored_as_it_came_and_binds_to_what_is_there
    hash = { "verb" => "track", "ids" => %w[boat], "kind" => "path", "path" => "rope", "stops" => 3 }
    assert_equal hash, Usher::Page::Operation.build(hash).to_h
    free = { "verb" => "track", "ids" => %w[boat], "kind" => "free", "stops" => 0 }
    assert_equal free, Usher::Page::Operation.build(free).to_h
    @page.run(put(item("line", id: "rope", x: 0, y: 500, width: 800, height: 0), item("ellipse", id: "boat")))
    assert_invalid(/no longer on the page/) { @page.run(hash.merge("path" => "gone")) }
    assert_nil @page.run(hash.merge("path" => "gone"), lenient: true).inverse
    assert_invalid(/its own track/) { @page.run(hash.merge("path" => "boat")) }
    @page.run({ "verb" => "track", "ids" => %w[rope], "kind" => "path", "path" => "boat" })
    assert_invalid(/cannot be the track of the other/) { @page.run(hash) }
    @page.run(put(item("line", id: "other")))
    @page.run(hash.merge("path" => "other"))
  end

  def test_one_thing_that_moves_along_what_is_deleted_is_told_and_several_are_counted
    @page.run(put(item("line", id: "rope", x: 0, y: 500, width: 800, height: 0), *%w[a b].map { |id| item("ellipse", id: id) }))
    track = ->(id) { @page.run({ "verb" => "track", "ids" => [ id ], "kind" => "path", "path" => "rope" }) }
    track.("a")
    gone = @page.run({ "verb" => "remove", "ids" => %w[rope] })
    assert_match(/\AA thing moves along/, gone.note)
    @page.run(gone.inverse)
    track.("b")
    assert_match(/\A2 things move along/, @page.run({ "verb" => "remove", "ids" => %w[rope] }).note)
    assert_nil @page.run({ "verb" => "remove", "ids" => %w[gone] }, lenient: true).inverse
  end

  def test_steps_together_go_back_in_the_other_order
    @page.run(put(item("note", id: "a", x: 10)))
    remove, again = { "verb" => "remove", "ids" => %w[a] }, put(item("note", id: "a", x: 900))
    both = @page.run({ "verb" => "together", "steps" => [ remove, again ] })
    assert_equal [ "together", %w[remove put] ], [ both.inverse["verb"], both.inverse["steps"].map { |step| step["verb"] } ]
    @page.run(both.inverse)
    assert_equal 10, at("a").x
    one = @page.run({ "verb" => "together", "steps" => [ remove, { "verb" => "clear" } ] })
    assert_equal "put", one.inverse["verb"]
    mixed = { "verb" => "together", "steps" => [ remove, { "verb" => "together", "steps" => [ remove, { "verb" => "together", "steps" => [ remove ] } ] } ] }
    assert_invalid(/steps of its own/) { Usher::Page::Operation.build(mixed) }
    assert_invalid(/must have 1 to/) { Usher::Page::Operation.build({ "verb" => "together", "steps" => [ { "verb" => "together", "steps" => [] } ] }) }
  end

  def test_things_turn_about_the_point_that_is_said
    @page.run(put(item("rectangle", id: "r", x: 100, y: 100, width: 40, height: 20)))
    @page.run({ "verb" => "rotate", "ids" => %w[r], "about" => [ 100, 110 ], "angle" => 90 })
    assert_equal [ 80, 120, 90 ], [ at("r").x, at("r").y, at("r").angle ].map(&:round)
  end

  def test_what_is_brought_back_by_a_reset_goes_again_and_what_was_not_there_is_not_brought
    @page.run(put(item("note", id: "a")))
    back = @page.run({ "verb" => "reset", "items" => [ item("note", id: "a", x: 7).to_h.merge("z" => 1), item("note", id: "b").to_h.merge("z" => 2) ], "gone" => %w[c], "set" => { "minutes" => 9 } })
    assert_equal [ %w[b], { "minutes" => 5 } ], back.inverse.values_at("gone", "set")
    assert_empty back.gone
    @page.run(back.inverse)
    assert_equal [ %w[a], 100 ], [ ids, at("a").x ]
  end

  def test_only_strokes_follow_an_edge_and_only_an_edge_that_is_there
    ink = stroke([ [ 0, 0 ], [ 50, 0 ] ], id: "s")
    assert_invalid(/Only strokes/) { Usher::Page::Operation.build(put(ink, item("note")).merge("verb" => "trace", "along" => "r")) }
    traced = @page.run(put(ink).merge("verb" => "trace", "along" => "gone"), lenient: true)
    assert_equal ink.to_h, traced.put.first.item.to_h
    @page.run(put(item("note", id: "n")))
    assert_invalid(/no straight edge/) { @page.run(put(stroke([ [ 0, 0 ], [ 50, 0 ] ], id: "t")).merge("verb" => "trace", "along" => "n")) }
  end

  def test_a_tidied_drawing_lies_where_its_uppermost_stroke_did_and_looks_like_its_first
    ring = Array.new(50) { |n| [ 400 + 100 * Math.cos(n * Math::PI / 24), 400 + 100 * Math.sin(n * Math::PI / 24), nil, n * 10 ] }
    @page.run(put(stroke(ring.first(27), id: "s1", colour: "#1e6079"), item("note", id: "n", x: 1_200), stroke(ring.drop(26), id: "s2", colour: "#b3261e")))
    tidied = @page.run({ "verb" => "tidy", "ids" => %w[s1 s2] })
    assert_equal [ %w[s1 s2], "ellipse", "#1e6079", 3 ], [ tidied.gone.sort, tidied.put.first.item.class.kind, tidied.put.first.item.stroke, tidied.put.first.z ]
  end

  def test_what_is_put_again_by_undo_and_is_there_already_is_no_step
    @page.run(put(item("note", id: "a")))
    assert_nil @page.run(put(item("note", id: "a")), lenient: true).inverse
    assert_equal({ "verb" => "remove", "ids" => %w[b] }, @page.run(put(item("note", id: "a"), item("note", id: "b")), lenient: true).inverse)
    assert_invalid(/on the page already/) { Usher::Page::Operation.build(put(item("note", id: "a"))).run(@page) }
    assert_raises(NotImplementedError) { Usher::Page::Operation.allocate.apply(@page, lenient: false) }
  end

  def test_a_copy_is_free_of_what_only_its_original_is
    copy = item("ellipse", id: "c", covered: true, hidden: [ [ 0, 0, 9, 0, 9, 9, 0, 9 ] ], pinned: "all", groups: %w[g], origin: "pile").plain(id: "d", groups: [])
    assert_equal [ "d", false, [], "no", [], nil ], [ copy.id, copy.covered, copy.hidden, copy.pinned, copy.groups, copy.origin ]
  end

  def test_what_the_browser_gets_to_offer_its_editors
    hints = item("line", x: 0, y: 0, width: 100, height: 0).hints
    assert_equal [ "0,0 100,0", nil ], hints.values_at("knots", "edges").map { |list| list&.gsub(/(\d)\.0\b/, '\1') }
    assert_equal 2, item("ruler").hints["edges"].to_s.split.size / item("ruler").edges.size
    assert_equal [ [], true ], [ item("note").hints.keys & %w[knots edges covered], item("note", covered: true).hints["covered"] ]
    assert_invalid(/has no "boat"/) { item("note", boat: 1, tide: 2) }
  end

  def test_a_curve_has_heads_where_it_is_said_and_is_stored_as_before_where_not
    plain, tipped = item("curve"), item("curve", heads: "both")
    assert_equal [ false, "both" ], [ plain.to_h.key?("heads"), tipped.to_h["heads"] ]
    assert_equal [ 0, 2 ], [ plain, tipped ].map { |curve| curve.draw.scan("<polygon").size }
    assert_equal "end", plain.change("heads" => "end").heads
    assert_equal 1, item("curve", heads: "end", shares: [ [ 0, 0 ], [ 0, 0 ], [ 1, 1 ], [ 1, 1 ] ]).draw.scan("<polygon").size
  end

  def test_gaps_are_made_equal_wherever_the_things_lie
    @page.run(put(*[ [ "a", 300 ], [ "b", 420 ], [ "c", 900 ] ].map { |id, x| item("rectangle", id: id, x: x, width: 100) }))
    @page.run({ "verb" => "distribute", "ids" => %w[c a b], "along" => "across" })
    assert_equal [ 300, 600, 900 ], %w[a b c].map { |id| at(id).x }
  end

  def test_things_that_belong_together_ride_together_and_others_alone
    @page.run(put(item("line", id: "rope", x: 0, y: 500, width: 1_000, height: 0), item("ellipse", id: "a", x: 0, y: 100, width: 40, height: 40, groups: %w[g]), item("ellipse", id: "b", x: 60, y: 100, width: 40, height: 40, groups: %w[g]), item("ellipse", id: "c", x: 700, y: 100, width: 40, height: 40)))
    [ %w[a b], %w[c] ].each { |ids| @page.run({ "verb" => "track", "ids" => ids, "kind" => "path", "path" => "rope" }) }
    @page.run({ "verb" => "move", "ids" => %w[rope], "by" => [ 200, 0 ] })
    assert_equal [ 60, 640 ], [ at("b").x - at("a").x, at("c").x - at("b").x ].map(&:round)
  end

  private

  def at(id) = @page.find([ id ]).fetch(id).item
  def ids = @page.stack.map(&:id)
end
