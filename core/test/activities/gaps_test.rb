require "core_test"
require_relative "samples"

class GapsTest < CoreTest
  include Samples

  def gaps(how: "typed", more: [], **flags)
    build("gaps", { "how" => how, "more" => more, "text" => [ "At ", { "right" => [ "Ébbe" ], "wrong" => %w[noon] }, ", ", { "right" => %w[anchor kedge], "wrong" => [ "sail" ] } ], **flags.transform_keys(&:to_s) })
  end

  def right?(kind, cell, text) = kind.right?(kind.deal(1), { cell => text }, cell)

  def test_case_accents_and_a_slip_as_the_teacher_chose
    assert right?(gaps, "f1", "ébbe")
    refute right?(gaps(case: true), "f1", "ébbe")
    refute right?(gaps, "f1", "Ebbe")
    assert right?(gaps(accents: false), "f1", "Ebbe")
    refute right?(gaps, "f2", "ancor")
    slip = gaps(slip: true)
    %w[ancor anchhor anchur acnhor KEDGE\ ].each { |typed| assert right?(slip, "f2", typed), typed }
    %w[ancr acnhro hanchors oar].each { |typed| refute right?(slip, "f2", typed), typed }
  end

  def test_a_slip_in_a_short_word_makes_another_word
    kind = build("gaps", { "how" => "typed", "slip" => true, "text" => [ { "right" => [ "ebb" ] } ] })
    refute right?(kind, "f1", "ebbs")
  end

  def test_lengths_are_shown_only_where_the_teacher_says_so
    shown = ->(kind) { kind.view(kind.deal(1), {})["text"].grep(Hash).map { |gap| gap["length"] } }
    assert_equal [ nil, nil ], shown.(gaps)
    assert_equal [ 4, 6 ], shown.(gaps(lengths: true))
  end

  def test_options_hold_what_is_right_and_what_is_wrong_there
    kind = gaps(how: "chosen", more: %w[rope])
    deal = kind.deal(2)
    options = kind.view(deal, {})["text"].grep(Hash).map { |gap| gap["options"].map { |name| kind.faces(deal, {})[name].text }.sort }
    assert_equal [ %w[noon rope Ébbe], %w[anchor rope sail] ], options
    other = kind.view(deal, {})["text"].grep(Hash).last["options"].first
    assert_invalid(/not in this activity/) { kind.accept(deal, {}, { "field" => "f1", "option" => other }) }
  end

  def test_the_same_word_for_two_gaps_is_the_same_word
    kind = build("gaps", { "how" => "dragged", "text" => [ { "right" => [ "the" ] }, " tide and ", { "right" => [ "the" ] }, " boat" ] })
    deal = kind.deal(1)
    assert_equal [ 1, 1 ], kind.mark(deal, { "p1" => "f2", "p2" => "f1" }).values
    assert_equal [ 1, 1 ], kind.mark(deal, kind.solution(deal)).values
  end

  def test_a_word_dragged_to_a_full_gap_changes_places_with_the_one_there
    kind = gaps(how: "dragged")
    deal = kind.deal(1)
    assert_equal({ "p1" => "f2", "p2" => "f1" }, kind.accept(deal, { "p1" => "f1", "p2" => "f2" }, { "piece" => "p1", "place" => "f2" }))
    assert_equal({ "p3" => "f1" }, kind.accept(deal, { "p1" => "f1" }, { "piece" => "p3", "place" => "f1" }))
  end

  def test_gaps_are_written_in_brackets
    form = ->(text) { Usher::Activities.registry.fetch("gaps").from_form(table: [ [ "anchor" ] ], text: text, settings: { "how" => "chosen", "accents" => "true" }) }
    assert_equal [ "The ", { "right" => %w[tide flood], "wrong" => [ "wind" ] }, " turns [" ], form.("The [tide | flood ~ wind] turns [")["text"]
    assert_invalid(/1 to 8 right/) { build("gaps", form.("Nothing [] here")) }
    assert_invalid(/no gap/) { build("gaps", form.("No brackets")) }
    assert_invalid(/Write a text/) { build("gaps", form.("")) }
  end

  def test_content_rules_say_what_is_wrong
    gap = { "right" => [ "ebb" ] }
    { /no gap in this text/ => { "how" => "typed", "text" => [ "At ebb it goes." ] }, /Write a text/ => { "how" => "typed", "text" => [] }, /How gaps are filled/ => { "how" => "sung", "text" => [ gap ] },
      /1 to 8 right/ => { "how" => "typed", "text" => [ { "right" => [] } ] }, /is empty/ => { "how" => "typed", "text" => [ { "right" => [ " " ] } ] },
      /right and wrong in the same gap/ => { "how" => "typed", "text" => [ { "right" => [ "ebb" ], "wrong" => [ "ebb" ] } ] },
      /cannot be one of the other words/ => { "how" => "dragged", "text" => [ gap ], "more" => [ "ebb" ] },
      /nothing to choose from/ => { "how" => "chosen", "text" => [ gap ] }, /60 is the most/ => { "how" => "typed", "text" => [ gap ] * 61 },
      /case matters must be yes or no/ => { "how" => "typed", "text" => [ gap ], "case" => "maybe" } }.each { |words, content| assert_invalid(words) { build("gaps", content) } }
  end
end
