require "core_test"

class DocumentsTest < CoreTest
  Documents = Usher::Documents

  def read(kind, document) = Documents.read(kind, JSON.parse(JSON.generate(document)))

  def test_what_is_written_is_read_as_it_was_and_says_its_form
    document = { "kind" => "note", "id" => "n", "text" => "Boots" }
    written = Documents.write(document)
    assert_equal Documents::CURRENT, written["v"]
    assert_equal document, read(:item, written)
  end

  def test_a_form_of_a_later_release_is_refused
    assert_invalid(/later release/) { read(:item, { "v" => Documents::CURRENT + 1 }) }
  end

  def test_there_is_a_step_to_every_form
    (2..Documents::CURRENT).each { |form| assert_kind_of Documents::Step, Documents::Steps.to(form) }
  end

  def test_the_pile_a_tile_came_from_has_its_name_of_today
    assert_equal "pile", read(:item, { "kind" => "tile", "source" => "pile" })["origin"]
    assert_equal "1/2", read(:item, { "kind" => "formula", "source" => "1/2" })["source"]
    assert_equal [ { "kind" => "tile", "origin" => "pile" } ], read(:clipping, [ { "kind" => "tile", "source" => "pile" } ])["items"]
  end

  def test_names_of_the_field_wherever_items_lie
    old = { "kind" => "picture", "breadth" => 4, "rubbed" => [ { "points" => [ [ 1, 2 ] ], "breadth" => 9, "span" => [ 1, 1 ] } ], "track" => { "way" => "path", "path" => "p" } }
    new = { "kind" => "picture", "stroke_width" => 4, "rubbed" => [ { "points" => [ [ 1, 2 ] ], "stroke_width" => 9, "span" => [ 1, 1 ] } ], "track" => { "kind" => "path", "path" => "p" } }
    assert_equal new, read(:item, old)
    assert_equal({ "verb" => "put", "items" => [ new ] }, read(:operation, { "verb" => "put", "items" => [ old ] }))
    assert_equal({ "verb" => "together", "steps" => [ { "verb" => "reset", "items" => [ new ], "gone" => [], "set" => {} } ] }, read(:operation, { "verb" => "together", "steps" => [ { "verb" => "reset", "items" => [ old ], "gone" => [], "set" => {} } ] }))
    assert_equal({ "verb" => "change", "changes" => [ { "id" => "c", "set" => { "effect" => "fade", "z" => 2 } } ] }, read(:operation, { "verb" => "change", "changes" => [ { "id" => "c", "set" => { "way" => "fade", "z" => 2 } } ] }))
    assert_equal({ "verb" => "track", "ids" => [ "a" ], "kind" => "free" }, read(:operation, { "verb" => "track", "ids" => [ "a" ], "way" => "free" }))
    assert_equal({ "lesson" => 3, "items" => [ new ] }, read(:set, { "lesson" => 3, "items" => [ old ] }))
  end

  def test_a_track_that_was_let_go_of_stays_without_one
    assert_equal({ "track" => nil, "along" => 0 }, read(:operation, { "verb" => "change", "changes" => [ { "id" => "c", "set" => { "track" => nil, "along" => 0 } } ] })["changes"][0]["set"])
  end

  def test_signs_in_an_activity_that_were_letters_stay_letters
    old = { "v" => 4, "questions" => [ { "ask" => { "text" => 'Is "*3*" a sum, or `1/2`?', "picture" => 3 }, "right" => [ { "text" => "2*3" } ] } ], "text" => [ "At *ebb*", { "right" => [ "_" ] } ] }
    new = { "questions" => [ { "ask" => { "text" => 'Is "\\*3\\*" a sum, or \\`1/2\\`?', "picture" => 3 }, "right" => [ { "text" => "2*3" } ] } ], "text" => [ "At *ebb*", { "right" => [ "_" ] } ] }
    assert_equal new, read(:activity, old)
    assert_equal 'Is "*3*" a sum, or `1/2`?', Usher::Activities::Face.new(new["questions"][0]["ask"]).text
  end

  def test_reels_and_settings
    ink = { "points" => [], "breadth" => 3 }
    reel = { "pages" => { "1" => { "ground" => "", "items" => [ { "id" => "a", "svg" => "" } ] } }, "events" => [ { "at" => 1, "put" => [ { "id" => "s", "ink" => ink } ], "gone" => [] } ] }
    assert_equal({ "points" => [], "stroke_width" => 3 }, read(:reel, reel)["events"][0]["put"][0]["ink"])
    set = { "breadths" => [ 7 ], "second_tip" => { "tool" => "pen", "colour" => "#000000", "breadth" => 4 }, "steady" => 9 }
    assert_equal({ "stroke_widths" => [ 7 ], "second_tip" => { "tool" => "pen", "colour" => "#000000", "stroke_width" => 4 }, "steady" => 9 }, read(:preferences, set))
  end
end
