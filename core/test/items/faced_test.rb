require "core_test"

class FacedTest < CoreTest
  def page(*items) = Usher::Page::Memory.new.tap { |page| page.run(put(*items)) }
  def at(page, id) = page.find([ id ])[id].item

  def test_a_card_turns_over_and_says_only_what_is_up
    one = page(item("flash_card"))
    assert_equal [ "ebb", "Flash card: ebb" ], [ at(one, "flash_card-1").words, at(one, "flash_card-1").label ]
    refute_includes at(one, "flash_card-1").draw + at(one, "flash_card-1").hints.to_s, "goes out"
    back = one.run({ "verb" => "roll", "ids" => [ "flash_card-1" ] }).inverse
    assert_equal "the water goes out", at(one, "flash_card-1").words
    one.run(back)
    assert_equal [ "ebb", 0 ], [ at(one, "flash_card-1").words, at(one, "flash_card-1").turns ]
  end

  def test_a_roll_follows_from_its_seed_and_keeps_it
    seed = "00ff00ff00ff00ff"
    one = page(item("die"))
    one.run({ "verb" => "roll", "ids" => [ "die-1" ], "seed" => seed })
    assert_equal [ Usher::Classroom::Chance.new(seed, 0).below(6), seed, 1 ], [ at(one, "die-1").top, at(one, "die-1").seed, at(one, "die-1").turns ]
    kept = Usher::Page::Operation.build({ "verb" => "roll", "ids" => [ "die-1" ] }).to_h
    assert_match Usher::Classroom::Chance::SEED, kept["seed"]
  end

  def test_a_spinner_goes_by_weight
    one = page(item("spinner"))
    rolls = Array.new(400) { |n| one.run({ "verb" => "roll", "ids" => [ "spinner-1" ], "seed" => format("%016x", n) }) && at(one, "spinner-1").top }
    assert_in_delta 300, rolls.count(0), 40
  end

  def test_a_pinned_die_is_rolled_and_anything_else_is_not
    one = page(item("die", pinned: "all"), item("tile"))
    one.run({ "verb" => "roll", "ids" => [ "die-1" ] })
    assert_equal 1, at(one, "die-1").turns
    assert_invalid(/cannot be rolled/) { one.run({ "verb" => "roll", "ids" => [ "tile-1" ] }) }
    assert_invalid(/seed/) { one.run({ "verb" => "roll", "ids" => [ "die-1" ], "seed" => "six" }) }
  end

  def test_faces_that_are_empty_or_too_few
    assert_invalid(/Face 2 is empty/) { item("flash_card", faces: [ { "text" => "ebb" }, { "text" => " " } ]) }
    assert_invalid { item("flash_card", faces: [ { "text" => "ebb" } ]) }
    assert_invalid { item("die", faces: [ { "text" => "1" } ]) }
    assert_invalid { item("spinner", faces: Array.new(25) { { "text" => "x" } }) }
    assert_invalid { item("spinner", faces: [ { "text" => "a", "weight" => 0 }, { "text" => "b" } ]) }
    assert_invalid(/no such face/) { item("die", top: 6) }
    assert item("die", faces: [ { "picture" => 4 }, { "text" => "b" } ]).draw.include?("/pictures/4")
  end

  def test_under_a_cover_devices_get_its_edge_alone
    cover = item("cover", x: 150, y: 60, width: 40, height: 30)
    one = page(item("flash_card"), cover)
    redacted = at(one, "flash_card-1").redacted
    refute_includes redacted.draw + redacted.hints.to_s + redacted.label, "ebb"
  end
end
