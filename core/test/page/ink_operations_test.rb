require "core_test"

# Verbs that rework ink, pictures and shapes.
class InkOperationsTest < CoreTest
  setup_page = -> { Usher::Page::Memory.new }
  define_method(:page) { @page ||= setup_page.call }

  def level(id = "ink-1", y: 0, **more) = stroke(Array.new(21) { |n| [ n * 10, y, 0.5, n * 10 ] }, id: id, **more)
  def kinds = page.stack.map { |placed| placed.item.class.kind }

  # Runs it, takes it back and does it again; answers with the outcome.
  def there_and_back(operation)
    before = page.stack.map(&:to_h)
    outcome = page.run(operation)
    after = page.stack.map(&:to_h)
    back = page.run(JSON.parse(JSON.generate(outcome.inverse)))
    assert_equal before, page.stack.map(&:to_h)
    page.run(JSON.parse(JSON.generate(back.inverse)))
    assert_equal after, page.stack.map(&:to_h)
    outcome
  end

  def test_erasing_leaves_pieces_with_their_pen_their_place_in_the_stack_and_their_times
    page.run(put(level("a", colour: "#1e6079"), item("note"), level("b", y: 300)))
    there_and_back({ "verb" => "erase", "path" => [ [ 100, -50 ], [ 100, 50 ] ], "radius" => 10 })
    pieces = page.stack.select { |placed| placed.item.is_a?(Usher::Items::Ink) && placed.id != "b" }
    assert_equal [ [ 0, 90 ], [ 110, 90 ] ], pieces.map { |placed| [ placed.item.x, placed.item.width ] }.sort
    assert_equal [ [ 1, "#1e6079" ] ] * 2, pieces.map { |placed| [ placed.z, placed.item.colour ] }
    assert_equal [ [ 0, 90 ], [ 110, 200 ] ], pieces.map { |placed| placed.item.points.map(&:last).minmax }.sort
  end

  def test_erasing_a_lively_stroke_keeps_its_stroke_width_and_gives_it_no_new_ends
    page.run(put(level("a", nib: "lively")))
    page.run({ "verb" => "erase", "path" => [ [ 100, 0 ] ], "radius" => 10 })
    whole = Usher::Ink::Nib.stroke_widths(level.points, 6)
    left = page.stack.map(&:item).min_by(&:x)
    assert_equal "kept", left.nib
    Usher::Ink::Nib.stroke_widths(left.points, left.stroke_width, "kept").each_with_index { |stroke_width, index| assert_in_delta whole[index], stroke_width, 0.02 }
  end

  # As a stroke of an earlier release is stored, resized afterwards.
  def test_a_stroke_that_is_still_lively_keeps_its_stroke_width_too
    points = Array.new(21) { |n| [ n * 10.0, 0.0, nil, n * 10 + n * n ] }
    old = Usher::Items.restore({ "kind" => "ink", "id" => "old", "x" => 0, "y" => 0, "width" => 400, "height" => 0, "points" => points, "span" => [ 200, 0 ], "nib" => "lively" })
    whole = Usher::Ink::Nib.stroke_widths(points.map { |x, y, *rest| [ x * 2, y, *rest ] }, 6 * Math.sqrt(2))
    left = old.cut(Usher::Ink::Eraser.new([ [ 200, 0 ] ], 9)).first
    assert_equal "kept", left.nib
    Usher::Ink::Nib.stroke_widths(left.points, left.stroke_width, "kept")[0..-2].each_with_index { |stroke_width, index| assert_in_delta whole[index], stroke_width, 0.03 }
  end

  def test_a_piece_of_a_piece_lies_and_is_handled_like_any_stroke
    page.run(put(stroke(Array.new(60) { |n| [ 300 + n * 5, 200 + 40 * Math.sin(n / 5.0), 0.5, n * 9 ] }, id: "a", nib: "lively")))
    [ 380, 500 ].each { |x| page.run({ "verb" => "erase", "path" => [ [ x, 100 ], [ x, 300 ] ], "radius" => 7 }) }
    piece = page.stack.map(&:item).sort_by(&:x)[1]
    kept = Usher::Items.restore(JSON.parse(JSON.generate(piece.to_h)).except("kind").merge("kind" => "ink"))
    assert_equal [ 387, 493 ], [ kept.x, kept.x + kept.width ].map(&:round)
    assert_equal piece.on_paper, kept.on_paper
    assert_equal kept.box.bounds.to_a.first(4), Usher::Geometry::Box.around(kept.on_paper).to_a.first(4).map { |n| n.round(2) }
    numbers = ->(svg) { svg[/ d="([^"]+)/, 1].scan(/-?\d+/).map(&:to_i) }
    numbers.(piece.draw).zip(numbers.(kept.draw)).each { |one, other| assert_in_delta one, other, 2 }
    across = kept.change(kept.flipped("across"))
    assert_equal kept.on_paper.map { |x, *| (2 * kept.x + kept.width - x).round(1) }, across.on_paper.map { |x, *| x.round(1) }
    wide = kept.change("width" => kept.width * 2)
    assert_equal [ kept.x, (kept.x + kept.width * 2).round ], [ wide.on_paper.map(&:first).min, wide.on_paper.map(&:first).max.round ]
  end

  def test_the_same_erasing_makes_the_same_pieces
    ids = Array.new(2) do
      other = Usher::Page::Memory.new
      other.run(put(level("a")))
      other.run({ "verb" => "erase", "path" => [ [ 100, 0 ] ], "radius" => 10 }).put.map(&:id)
    end
    assert_equal ids[0], ids[1]
    assert_equal 2, ids[0].uniq.size
  end

  def test_a_turned_and_stretched_stroke_is_cut_where_it_lies
    page.run(put(level("a").change("x" => 300, "y" => 300, "width" => 400, "angle" => 90)))
    page.run({ "verb" => "erase", "path" => [ [ 500, 300 ] ], "radius" => 20 })
    pieces = page.stack.map(&:item)
    assert_equal 2, pieces.size
    assert_in_delta 280, pieces.map { |piece| piece.box.bounds.then { |box| box.y + box.height } }.min, 1
    assert_in_delta 500, pieces.first.x, 1
  end

  def test_erasing_nothing_is_no_step_to_take_back
    page.run(put(level("a")))
    assert_nil page.run({ "verb" => "erase", "path" => [ [ 100, 500 ] ], "radius" => 10 }).inverse
  end

  def test_clearing_takes_ink_and_nothing_else
    page.run(put(*Array.new(3) { |n| level("s#{n}", y: n * 40) }, item("note")))
    there_and_back({ "verb" => "clear" })
    assert_equal %w[note], kinds
  end

  def test_more_strokes_than_one_operation_may_name_come_back
    3.times { |batch| page.run(put(*Array.new(400) { |n| stroke([ [ n, batch ] ], id: "s#{batch}-#{n}") })) }
    there_and_back({ "verb" => "clear" })
  end

  def test_rubbing_out_goes_with_the_picture_and_is_lifted_off_as_a_whole
    page.run(put(item("picture", x: 100, y: 100, angle: 90)))
    there_and_back({ "verb" => "rub", "id" => "picture-1", "path" => [ [ 200, 150 ] ], "radius" => 8 })
    sweep = page.stack.first.item.rubbed.first
    assert_equal [ [ [ 100.0, 50.0 ] ], 16 ], sweep.values_at("points", "stroke_width") # the middle of a turned box is its middle
    wide = page.stack.first.item.change("width" => 400)
    assert_includes wide.draw, 'transform="scale(0.1 0.05)"'
    page.run({ "verb" => "change", "changes" => [ { "id" => "picture-1", "set" => { "rubbed" => [] } } ] })
    refute_includes page.stack.first.item.draw, "mask"
    page.run(put(item("note")))
    assert_invalid(/Only pictures/) { page.run({ "verb" => "rub", "id" => "note-1", "path" => [ [ 0, 0 ] ], "radius" => 8 }) }
  end

  def test_a_picture_takes_no_more_rubbing_than_can_be_kept
    page.run(put(item("picture")))
    sweep = { "verb" => "rub", "id" => "picture-1", "path" => [ [ 150, 80 ] ] * 5_000, "radius" => 8 }
    4.times { page.run(sweep) }
    assert_invalid(/Lift it off/) { page.run(sweep) }
  end

  def test_tidy_makes_one_item_of_a_drawing_and_leaves_letters
    round = Array.new(60) { |n| [ 300 + 80 * Math.cos(n / 9.4), 300 + 80 * Math.sin(n / 9.4), nil, n * 9 ] }
    zigzag = Array.new(8) { |n| [ 700 + n * 12, n.odd? ? 300 : 380, nil, n * 20 ] }
    page.run(put(stroke(round, id: "round", colour: "#b3411d", stroke_width: 9), stroke(zigzag, id: "zigzag")))
    there_and_back({ "verb" => "tidy", "ids" => %w[round zigzag], "quiet" => true })
    assert_equal %w[ellipse ink], kinds
    circle = page.stack.first.item
    assert_equal [ "#b3411d", 9 ], [ circle.stroke, circle.stroke_width ]
    assert_in_delta 160, circle.width, 4
    assert_invalid(/no exact shape/) { page.run({ "verb" => "tidy", "ids" => %w[zigzag] }) }
    assert_nil page.run({ "verb" => "tidy", "ids" => %w[zigzag gone], "quiet" => true }).inverse
  end

  def test_ink_drawn_along_a_ruler_follows_its_edge_exactly
    page.run(put(item("ruler", x: 100, y: 400, width: 500, height: 90, angle: 20)))
    wobbly = stroke(Array.new(30) { |n| [ 120 + n * 15, 300 + n * 6 + Math.sin(n) * 9, nil, n * 8 ] }, id: "wobbly", stroke_width: 8)
    there_and_back({ "verb" => "trace", "along" => "ruler-1", "items" => [ wobbly.to_h ] })
    (ax, ay), (bx, by) = page.find(%w[ruler-1])["ruler-1"].item.edges.first
    long = Math.hypot(bx - ax, by - ay)
    page.find(%w[wobbly])["wobbly"].item.on_paper.each { |x, y| assert_in_delta(-4, ((x - ax) * -(by - ay) + (y - ay) * (bx - ax)) / long, 0.03) }
    assert_invalid(/no straight edge/) { page.run({ "verb" => "trace", "along" => "wobbly", "items" => [ level("c").to_h ] }) }
    assert_invalid(/Only strokes/) { page.run({ "verb" => "trace", "along" => "ruler-1", "items" => [ item("note").to_h ] }) }
  end

  def test_fill_knows_which_colour_is_meant_and_refuses_what_has_none
    page.run(put(*%w[star note text line ink formula picture].map { |kind| item(kind) }))
    there_and_back({ "verb" => "fill", "ids" => %w[star-1 note-1 text-1 line-1 ink-1 formula-1], "colour" => "#1d7758" })
    now = page.stack.to_h { |placed| [ placed.item.class.kind, placed.item.to_h ] }
    assert_equal [ "#1d7758" ] * 6, [ now["star"]["fill"], now["note"]["card"], now["text"]["ground"], now["line"]["stroke"], now["ink"]["colour"], now["formula"]["colour"] ]
    assert_invalid(/nothing here to colour/) { page.run({ "verb" => "fill", "ids" => %w[picture-1], "colour" => "#1d7758" }) }
    assert_invalid(/needs a colour/) { page.run({ "verb" => "fill", "ids" => %w[note-1], "colour" => "none" }) }
    assert_invalid(/The colour/) { page.run({ "verb" => "fill", "ids" => %w[note-1], "colour" => "red" }) }
  end

  def test_every_knot_goes_where_it_is_pulled_and_the_others_stay
    %w[line arrow curve polygon callout].each do |kind|
      thing = item(kind, angle: 25)
      thing.knots.each_index do |index|
        bent = thing.change(thing.bent(index, [ 777, 333 ]))
        wanted = thing.knots.dup.tap { |knots| knots[index] = [ 777, 333 ] }
        bent.knots.zip(wanted).each { |is, was| is.zip(was).each { |a, b| assert_in_delta b, a, 0.3, kind } }
      end
      assert_invalid { thing.bent(90, [ 0, 0 ]) } unless kind == "callout"
    end
    assert_invalid(/no handle/) { item("star").bent(0, [ 0, 0 ]) }
  end

  def test_steps_together_are_all_or_nothing_and_one_step_back
    page.run(put(item("note"), item("star")))
    there_and_back({ "verb" => "together", "steps" => [ { "verb" => "remove", "ids" => %w[note-1] }, { "verb" => "move", "ids" => %w[star-1], "by" => [ 5, 5 ] }, put(item("ellipse")) ] })
    before = page.stack.map(&:to_h)
    assert_invalid { page.run({ "verb" => "together", "steps" => [ { "verb" => "remove", "ids" => %w[star-1] }, { "verb" => "remove", "ids" => %w[ghost] } ] }) }
    assert_equal before, page.stack.map(&:to_h)
    nest = ->(depth) { depth.zero? ? { "verb" => "clear" } : { "verb" => "together", "steps" => [ nest.(depth - 1) ] } }
    [ { "steps" => [] }, { "steps" => [ { "verb" => "clear" } ] * 101 }, { "steps" => "x" }, nest.(4) ].each { |bad| assert_invalid { page.run({ "verb" => "together" }.merge(bad)) } }
  end

  def test_sweeps_that_are_none_are_refused_in_words
    [ { "path" => [] }, { "path" => [ [ 0, 0 ] ] * 5_001 }, { "path" => [ [ 0, "x" ] ] }, { "path" => [ [ 1e9, 0 ] ] }, { "radius" => 0 }, { "radius" => Float::NAN }, { "radius" => 1e5 } ].each do |bad|
      assert_invalid(/eraser/) { page.run({ "verb" => "erase", "path" => [ [ 0, 0 ] ], "radius" => 9 }.merge(bad)) }
    end
  end
end
