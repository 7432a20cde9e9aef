require "core_test"

# Pins, groups, piles, tracks, covers and drop areas: what holds whatever else is on the page.
class HandlingTest < CoreTest
  def setup
    @page = Usher::Page::Memory.new
  end

  # Pins

  def test_a_pinned_thing_is_not_moved_but_can_be_coloured_unless_it_is_pinned_as_it_is
    lay item("rectangle", id: "place", pinned: "place"), item("rectangle", id: "all", pinned: "all")
    moves = [ { "verb" => "move", "by" => [ 5, 5 ] }, { "verb" => "scale", "about" => [ 0, 0 ], "by" => [ 2, 2 ] }, { "verb" => "rotate", "about" => [ 0, 0 ], "angle" => 9 },
      { "verb" => "flip", "axis" => "down" }, { "verb" => "align", "to" => "left" }, { "verb" => "place", "set" => { "x" => 3 } }, { "verb" => "track", "kind" => "sideways" } ]
    %w[place all].product(moves) { |id, move| assert_invalid(/pinned/) { @page.run(move.merge("ids" => [ id ])) } }
    @page.run({ "verb" => "fill", "ids" => [ "place" ], "colour" => "#1d7758" })
    [ { "verb" => "fill", "colour" => "#1d7758" }, { "verb" => "remove" }, { "verb" => "reorder", "to" => "front" } ].each { |verb| assert_invalid(/pinned/) { @page.run(verb.merge("ids" => [ "all" ])) } }
    assert_invalid(/pinned/) { change("all", "opacity" => 0.5) }
    assert_invalid(/pinned/) { change("place", "x" => 0) }
    change("all", "pinned" => "no")
    @page.run({ "verb" => "move", "ids" => [ "all" ], "by" => [ 5, 5 ] })
  end

  def test_twelve_coins_are_pinned_at_once_and_undone_at_once
    lay(*Array.new(12) { |n| item("ellipse", id: "coin#{n}", x: n * 40) })
    outcome = @page.run({ "verb" => "change", "changes" => Array.new(12) { |n| { "id" => "coin#{n}", "set" => { "pinned" => "place" } } } })
    assert_equal [ "place" ], @page.stack.map { |placed| placed.item.pinned }.uniq
    @page.run(outcome.inverse)
    assert_equal [ "no" ], @page.stack.map { |placed| placed.item.pinned }.uniq
  end

  def test_undoing_passes_over_what_was_pinned_meanwhile
    lay item("note", id: "a")
    back = @page.run({ "verb" => "move", "ids" => [ "a" ], "by" => [ 50, 0 ] }).inverse
    change("a", "pinned" => "all")
    @page.run(back, lenient: true)
    assert_equal 150, at("a").x
  end

  def test_an_eraser_leaves_ink_that_is_pinned_as_it_is
    lay stroke([ [ 0, 50, nil, 0 ], [ 200, 50, nil, 90 ] ], pinned: "all")
    @page.run({ "verb" => "erase", "path" => [ [ 100, 0 ], [ 100, 100 ] ], "radius" => 20 })
    @page.run({ "verb" => "clear" })
    assert_equal [ "ink-1" ], @page.stack.map(&:id)
  end

  # Piles

  def test_a_pile_hands_out_copies_that_are_ordinary_things_until_its_limit
    lay item("tile", id: "coin", text: "1", pile: { "limit" => 2 }, pinned: "place")
    assert_equal 2, at("coin").left
    deal("coin", "c1")
    deal("coin", "c2", by: [ 400, 0 ])
    assert_equal [ 0, "coin", nil, "no" ], [ at("coin").left, at("c1").origin, at("c1").pile, at("c1").pinned ]
    assert_invalid(/empty/) { deal("coin", "c3") }
    @page.run({ "verb" => "remove", "ids" => [ "c1" ] })
    assert_equal 1, at("coin").left
  end

  def test_a_copy_dropped_on_its_pile_goes_back_and_undo_takes_it_out_again
    lay item("tile", id: "coin", text: "1", pile: { "limit" => 6 })
    deal("coin", "c1", by: [ 500, 0 ])
    outcome = @page.run({ "verb" => "move", "ids" => [ "c1" ], "by" => [ -460, 10 ] })
    assert_equal [ [ "c1" ], 6 ], [ outcome.gone, at("coin").left ]
    @page.run(outcome.inverse)
    assert_equal [ 600, 5 ], [ at("c1").x, at("coin").left ]
  end

  def test_a_group_is_a_pile_whose_copies_belong_together
    lay item("ellipse", id: "coin", groups: [ "g" ], pile: { "limit" => 0 }), item("text", id: "word", text: "ebb", groups: [ "g" ], pile: { "limit" => 0 })
    @page.run({ "verb" => "deal", "piles" => %w[coin word], "ids" => %w[c w], "by" => [ 300, 0 ], "group" => "copy" })
    assert_equal [ [ "copy" ], [ "copy" ], nil ], [ at("c").groups, at("w").groups, at("coin").left ]
    @page.run({ "verb" => "move", "ids" => %w[c w], "by" => [ -300, 0 ] })
    assert_equal %w[coin word], @page.stack.map(&:id)
    assert_invalid(/together/) { @page.run({ "verb" => "deal", "piles" => %w[coin word], "ids" => %w[x y], "by" => [ 0, 0 ] }) }
  end

  def test_a_pile_of_a_pile_of_itself_is_refused
    lay item("tile", id: "coin", text: "1", pile: { "limit" => 0 })
    deal("coin", "c1")
    assert_invalid(/pile of a pile/) { change("c1", "pile" => { "limit" => 3 }) }
    assert_invalid(/not a pile/) { deal("c1", "c2") }
  end

  # Tracks

  def test_a_thing_on_a_track_never_leaves_it
    lay item("ellipse", id: "ring", x: 400, y: 200, width: 400, height: 400), item("tile", id: "boat", size: 30, width: 80, height: 80, x: 0, y: 0)
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "ring" })
    200.times do |n|
      @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ (n * 37) % 300 - 150, (n * 91) % 300 - 150 ] })
      assert_in_delta 200, Math.hypot(*at("boat").box.centre.zip([ 600, 400 ]).map { |a, b| a - b }), 0.1
    end
  end

  def test_it_follows_its_path_at_the_same_share_and_undo_brings_both_back
    lay item("line", id: "rope", x: 100, y: 500, width: 800, height: 0), item("tile", id: "boat", size: 30, x: 460, y: 100, width: 80, height: 80)
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "rope" })
    assert_equal [ 0.5, 460, 460 ], [ at("boat").along, at("boat").x, at("boat").y ]
    before = at("boat").all
    outcome = @page.run({ "verb" => "scale", "ids" => [ "rope" ], "about" => [ 100, 500 ], "by" => [ 0.5, 1 ] })
    assert_equal [ 0.5, 260 ], [ at("boat").along, at("boat").x ]
    @page.run(outcome.inverse)
    assert_equal before, at("boat").all
  end

  def test_a_deleted_path_leaves_its_way_and_the_person_is_told
    lay item("line", id: "rope", x: 100, y: 500, width: 800, height: 0), item("tile", id: "boat", size: 30, x: 460, y: 100, width: 80, height: 80)
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "rope" })
    assert_match(/moves along what you deleted/, @page.run({ "verb" => "remove", "ids" => [ "rope" ] }).note)
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 200, -90 ] })
    assert_equal [ 660, 460 ], [ at("boat").x, at("boat").y ]
    assert_invalid(/no longer/) { @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "rope" }) }
  end

  def test_stops_percent_sideways_up_and_down_and_free
    lay item("line", id: "rope", x: 100, y: 500, width: 800, height: 0), item("tile", id: "boat", size: 30, x: 460, y: 100, width: 80, height: 80)
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "rope", "stops" => 5 })
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 90, 0 ] })
    assert_equal 0.5, at("boat").along
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 120, 0 ] })
    assert_equal [ 0.75, 660 ], [ at("boat").along, at("boat").x ]
    @page.run({ "verb" => "place", "ids" => [ "boat" ], "set" => { "along" => 25 } })
    assert_equal 260, at("boat").x
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "sideways" })
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 7, 70 ] })
    assert_equal [ 267, 460 ], [ at("boat").x, at("boat").y ]
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "up_and_down" })
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 7, 70 ] })
    assert_equal [ 267, 530 ], [ at("boat").x, at("boat").y ]
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "free" })
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ 7, 70 ] })
    assert_equal [ 274, 600 ], [ at("boat").x, at("boat").y ]
  end

  def test_things_that_belong_together_follow_a_track_by_the_middle_of_them_all
    lay item("line", id: "rope", x: 100, y: 500, width: 800, height: 0), item("rectangle", id: "hull", x: 200, y: 300, width: 100, height: 40, groups: [ "g" ]), item("rectangle", id: "sail", x: 240, y: 200, width: 20, height: 100, groups: [ "g" ])
    @page.run({ "verb" => "track", "ids" => %w[hull sail], "kind" => "path", "path" => "rope" })
    assert_equal [ [ 200, 530 ], [ 240, 430 ] ], %w[hull sail].map { |id| [ at(id).x, at(id).y ] }
    @page.run({ "verb" => "move", "ids" => %w[hull sail], "by" => [ 300, -90 ] })
    assert_equal [ [ 500, 530 ], [ 540, 430 ] ], %w[hull sail].map { |id| [ at(id).x, at(id).y ] }
    @page.run({ "verb" => "move", "ids" => [ "rope" ], "by" => [ 0, 50 ] })
    assert_equal [ [ 500, 580 ], [ 540, 480 ] ], %w[hull sail].map { |id| [ at(id).x, at(id).y ] }
    lay item("rectangle", id: "pond", x: 1000, y: 100, width: 300, height: 300)
    @page.run({ "verb" => "track", "ids" => %w[hull sail], "kind" => "area", "path" => "pond" })
    assert_equal [ [ 1000, 360 ], [ 1040, 260 ] ], %w[hull sail].map { |id| [ at(id).x, at(id).y ] }, "all of it stays inside"
  end

  def test_inside_an_area_the_whole_thing_stays_inside
    lay item("rectangle", id: "pond", x: 100, y: 100, width: 400, height: 300), item("ellipse", id: "boat", x: 600, y: 600, width: 60, height: 40)
    @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "area", "path" => "pond" })
    assert_equal [ 440, 360 ], [ at("boat").x, at("boat").y ]
    @page.run({ "verb" => "move", "ids" => [ "boat" ], "by" => [ -100, -80 ] })
    assert_equal [ 340, 280 ], [ at("boat").x, at("boat").y ]
    lay item("line", id: "rope")
    assert_invalid(/open/) { @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "area", "path" => "rope" }) }
    assert_invalid(/own track/) { @page.run({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "boat" }) }
  end

  # Covers

  def test_what_lies_wholly_beneath_a_cover_is_covered_until_it_is_off
    lay item("note", id: "answer", x: 100, y: 100), item("note", id: "beside", x: 280, y: 100)
    lay item("cover", id: "patch", x: 90, y: 40, width: 220, height: 200)
    assert_equal [ true, false ], [ at("answer").covered, at("beside").covered ]
    refute Usher::Page::Audience::DEVICES.sees?(at("answer"), [ 1600, 900 ])
    assert Usher::Page::Audience::ROOM.sees?(at("answer"), [ 1600, 900 ])
    change("patch", "off" => true)
    refute at("answer").covered
    change("patch", "off" => false)
    outcome = @page.run({ "verb" => "remove", "ids" => [ "patch" ] })
    refute at("answer").covered
    @page.run(outcome.inverse)
    assert at("answer").covered
    @page.run({ "verb" => "reorder", "ids" => [ "answer" ], "to" => "front" })
    refute at("answer").covered, "in front of the cover it is seen"
    assert_invalid { change("answer", "covered" => true) }
  end

  def test_letters_under_a_cover_are_not_in_what_devices_get_and_the_rest_stays_where_it_is
    lay item("text", id: "t", x: 0, y: 0, width: 1500, size: 50, text: "The causeway is dry for six hours today")
    widths = Usher::Text::Faces.fetch("read").then { |face| ->(text) { face.width(text) * 50 } }
    lay item("cover", id: "patch", x: widths["The causeway is dry for "] - 5, y: -10, width: widths["six hours"] + 10, height: 90)
    assert_equal [ [ 24, 33 ] ], at("t").hidden
    device, board = Usher::Page::Drawing.veiled(@page.find([ "t" ])["t"], 1), Usher::Page::Drawing.item(@page.find([ "t" ])["t"], 1)
    assert_includes board, "six hours"
    %w[six hours].each { |word| refute_includes device, word }
    assert_includes device, "The causeway is dry for …"
    assert_in_delta widths["The causeway is dry for six hours"], device[/<text x="([\d.]+)"[^>]*> today/, 1].to_f, 0.6
    change("patch", "off" => true)
    assert_nil Usher::Page::Drawing.veiled(@page.find([ "t" ])["t"], 1)
  end

  def test_letters_are_found_whatever_the_side_they_begin_at
    %w[left middle right].each do |align|
      @page = Usher::Page::Memory.new
      lay item("text", id: "t", x: 0, y: 0, width: 1000, size: 50, align: align, text: "ebb flow"), item("cover", id: "left", x: -10, y: -10, width: 20, height: 20)
      line = { "left" => 0, "middle" => 0.5, "right" => 1 }[align] * (1000 - Usher::Text::Faces.fetch("read").width("ebb flow") * 50)
      @page.run({ "verb" => "place", "ids" => [ "left" ], "set" => { "x" => line - 4, "width" => Usher::Text::Faces.fetch("read").width("ebb") * 50 + 6, "height" => 90 } })
      assert_equal [ [ 0, 3 ] ], at("t").hidden, align
    end
    lay item("text", id: "rtl", x: 0, y: 300, width: 1000, size: 50, text: "שלום עולם"), item("cover", id: "patch", x: 880, y: 290, width: 130, height: 90)
    assert_equal 0, at("rtl").hidden.first.first, "reading begins at the right"
  end

  def test_a_cover_from_an_edge_is_drawn_back_along_its_axis_and_keeps_its_grip
    { "left" => [ -1536, 0 ], "right" => [ 1536, 0 ], "top" => [ 0, -836 ], "bottom" => [ 0, 836 ] }.each do |edge, place|
      @page = Usher::Page::Memory.new
      lay item("note", id: "answer"), item("cover", id: "patch", edge: edge, x: 0, y: 0, width: 1600, height: 900)
      assert at("answer").covered
      @page.run({ "verb" => "move", "ids" => [ "patch" ], "by" => place.map { |n| n * 3 + 11 } })
      assert_equal place, [ at("patch").x, at("patch").y ]
      refute at("answer").covered
      @page.run({ "verb" => "move", "ids" => [ "patch" ], "by" => place.map { |n| n * -3 - 9 } })
      assert_equal [ 0, 0, true ], [ at("patch").x, at("patch").y, at("answer").covered ]
    end
  end

  def test_a_pinned_cover_can_still_be_taken_off
    lay item("cover", id: "patch", pinned: "all")
    change("patch", "off" => true)
    assert at("patch").off
    assert_invalid(/pinned/) { change("patch", "effect" => "fade") }
  end

  # Drop areas

  def test_areas_add_up_exactly_and_judge_against_their_target
    lay item("area", id: "till", x: 0, y: 0, width: 800, height: 600, target: "1 €")
    lay item("tile", id: "a", text: "0.10 €"), item("tile", id: "b", text: "0.20 €", x: 300), item("tile", id: "c", text: "0.70 €", x: 900)
    assert_equal [ "0.30 €", "wrong" ], [ at("till").tally, at("till").verdict ]
    @page.run({ "verb" => "move", "ids" => [ "c" ], "by" => [ -400, 0 ] })
    assert_equal [ "1.00 €", "right" ], [ at("till").tally, at("till").verdict ]
    assert_includes at("till").draw, "✓ right"
    change("till", "shown" => false)
    refute_includes Usher::Page::Drawing.item(@page.find([ "till" ])["till"], 1), "1.00"
    refute_includes Usher::Page::Drawing.item(@page.find([ "till" ])["till"], 1), "target"
    change("a", "value" => "0.05 €")
    assert_equal "0.95 €", at("till").tally
  end

  def test_areas_count_units_and_leave_out_what_is_not_there_to_be_counted
    lay item("area", id: "box", x: 0, y: 0, width: 900, height: 600, measure: "count", target: "3", form: "round")
    lay item("ellipse", id: "a", x: 300, y: 200, width: 40, height: 40, groups: [ "g" ]), item("text", id: "b", text: "7", x: 300, y: 210, width: 40, groups: [ "g" ]),
      item("ellipse", id: "c", x: 400, y: 200, width: 40, height: 40), item("ellipse", id: "d", x: 480, y: 300, width: 40, height: 40), item("ellipse", id: "pinned", x: 500, y: 200, width: 40, height: 40, pinned: "place"),
      item("ellipse", id: "corner", x: 10, y: 10, width: 40, height: 40), item("ellipse", id: "pile", x: 420, y: 300, width: 40, height: 40, pile: { "limit" => 0 })
    assert_equal [ "3", "right" ], [ at("box").tally, at("box").verdict ]
    assert_invalid { change("box", "tally" => "9") }
    assert_invalid(/“many” is not a number/) { change("box", "target" => "many") }
    assert_invalid(/“a lot” is not a number/) { change("a", "value" => "a lot") }
  end

  # Many at once

  def test_align_takes_groups_as_one_and_one_alone_goes_to_the_page
    lay item("rectangle", id: "a", x: 100, width: 100), item("rectangle", id: "b", x: 300, width: 100, groups: [ "g" ]), item("rectangle", id: "c", x: 450, width: 50, groups: [ "g" ])
    @page.run({ "verb" => "align", "ids" => %w[a b c], "to" => "left" })
    assert_equal [ 100, 100, 250 ], xs
    @page.run({ "verb" => "align", "ids" => %w[b c], "to" => "centre" })
    assert_equal [ 700, 850 ], xs.drop(1)
    assert_empty @page.run({ "verb" => "align", "ids" => %w[b c], "to" => "centre" }).put
    assert_invalid { @page.run({ "verb" => "align", "ids" => %w[b c], "to" => "up" }) }
  end

  def test_distribute_makes_the_gaps_equal
    lay(*{ "a" => [ 0, 100 ], "b" => [ 120, 60 ], "c" => [ 500, 100 ] }.map { |id, (x, width)| item("rectangle", id: id, x: x, width: width) })
    @page.run({ "verb" => "distribute", "ids" => %w[a b c], "along" => "across" })
    assert_equal [ 0, 270, 500 ], xs
    assert_invalid(/three or more/) { @page.run({ "verb" => "distribute", "ids" => %w[a b], "along" => "down" }) }
  end

  def test_flipping_twice_changes_nothing_whatever_the_kind
    SAMPLE.each_key do |kind|
      %w[across down].each do |axis|
        @page = Usher::Page::Memory.new
        lay item(kind, id: "it", **(kind == "ink" ? {} : { angle: 20 })), item("note", id: "other", x: 700)
        before = at("it").all
        2.times { @page.run({ "verb" => "flip", "ids" => %w[it other], "axis" => axis }) }
        assert_equal before.except("ends"), at("it").all.except("ends"), "#{kind} #{axis}"
        assert_equal before["ends"].flatten.map(&:to_f), at("it").all["ends"].flatten.map(&:to_f) if before["ends"]
      end
    end
  end

  def test_a_flipped_line_runs_the_other_way_and_a_flipped_picture_is_mirrored
    lay item("line", id: "l", x: 0, y: 0, width: 100, height: 50), item("picture", id: "p", x: 300, y: 0)
    @page.run({ "verb" => "flip", "ids" => %w[l p], "axis" => "across" })
    assert_equal [ [ 500.0, 0.0 ], [ 400.0, 50.0 ] ], at("l").knots
    assert_equal [ "across", 0 ], [ at("p").mirror, at("p").x ]
    assert_includes at("p").draw, "scale(-1 1)"
  end

  def test_numbers_place_one_thing_and_the_frame_of_several
    lay item("rectangle", id: "a", x: 100, y: 50, width: 200, height: 100), item("rectangle", id: "b", x: 500, y: 50, width: 100, height: 100)
    @page.run({ "verb" => "place", "ids" => %w[a], "set" => { "x" => 10, "height" => 30, "angle" => 45 } })
    assert_equal [ 10, 50, 200, 30, 45 ], at("a").box.to_a
    @page.run({ "verb" => "place", "ids" => %w[a], "set" => { "angle" => 0, "height" => 100, "x" => 100 } })
    @page.run({ "verb" => "place", "ids" => %w[a b], "set" => { "width" => 250, "x" => 0 } })
    assert_equal [ [ 0, 100 ], [ 200, 50 ] ], %w[a b].map { |id| [ at(id).x, at(id).width ] }
    assert_invalid { @page.run({ "verb" => "place", "ids" => %w[a], "set" => { "width" => 0 } }) }
    assert_invalid { @page.run({ "verb" => "place", "ids" => %w[a], "set" => {} }) }
  end

  def test_when_two_people_move_the_same_thing_it_lies_where_the_last_hand_let_go
    lay item("note", id: "a", x: 100, y: 50)
    @page.run({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ], "from" => [ [ 100, 50 ] ] })
    outcome = @page.run({ "verb" => "move", "ids" => [ "a" ], "by" => [ 0, 200 ], "from" => [ [ 100, 50 ] ] })
    assert_equal [ 100, 250 ], [ at("a").x, at("a").y ]
    assert_match(/Somebody else/, outcome.note)
    assert_nil @page.run({ "verb" => "move", "ids" => [ "a" ], "by" => [ 0, 1 ], "from" => [ [ 100, 250 ] ] }).note
  end

  private

  def lay(*items) = @page.run(put(*items))
  def at(id) = @page.find([ id ]).fetch(id).item
  def xs = %w[a b c].map { |id| at(id).x }
  def change(id, set) = @page.run({ "verb" => "change", "changes" => [ { "id" => id, "set" => set } ] })
  def deal(pile, copy, by: [ 300, 0 ]) = @page.run({ "verb" => "deal", "piles" => [ pile ], "ids" => [ copy ], "by" => by })
end
