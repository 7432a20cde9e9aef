require "core_test"
require_relative "samples"

class RecastTest < CoreTest
  include Samples

  def recast(name, content = CONTENT.fetch(name).first) = Usher::Activities::Recast.of(build(name, content))

  def test_pairs_become_what_pairs_can_be
    made = recast("match", "rows" => [ %w[ebb falls], %w[flood rises], %w[slack stands], %w[spring highest] ].map { |row| row.map { |text| { "text" => text } } })
    assert_equal %w[cards choose_all choose_one crossword memory sort true_false word_search], made.keys.sort
    assert_equal [ "falls", %w[rises stands highest] ], made["choose_one"]["questions"].first.then { |question| [ question["right"].first["text"], question["wrong"].map { |face| face["text"] } ] }
    assert_equal [ [ "ebb: falls", true ], [ "ebb: rises", false ] ], made["true_false"]["sentences"].first(2).map { |sentence| [ sentence["ask"]["text"], sentence["true"] ] }
    assert_equal %w[falls rises stands highest], made["crossword"]["words"].map { |word| word["word"] }
  end

  def test_what_is_more_than_a_pair_becomes_groups
    assert_includes recast("match").keys, "sort"
    refute_includes recast("match").keys, "memory"
    assert_equal [ [ "Safe", 3 ], [ "Wait", 3 ] ], recast("sort")["match"]["rows"].map { |name, *tiles| [ name["text"], tiles.size ] }
  end

  def test_questions_a_list_and_words
    assert_equal %w[choose_all true_false], recast("choose_one").keys.sort
    assert_equal [ "the first pier", "the new mole", "the lighthouse" ], recast("timeline")["order"]["lines"].first["pieces"].map { |face| face["text"] }
    assert_equal %w[tide twice ebb], recast("gaps")["word_search"]["words"]
  end

  def test_whatever_is_made_is_a_kind_of_its_own_that_can_be_dealt
    each_sample do |name, kind|
      Usher::Activities::Recast.of(kind).each do |other, content|
        refute_equal name, other
        made = build(other, content)
        assert_operator made.cells(made.deal(1)).size, :>, 0
      end
    end
  end
end
