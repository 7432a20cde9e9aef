require "core_test"

class GroupingTest < CoreTest
  NAMES = (1..23).map { |n| "N#{n}" }.freeze

  def teams(names = NAMES, count: 6, turn: 0, **wishes) = Usher::Classroom::Grouping.new(names, count: count, chance: Usher::Classroom::Chance.new("0123456789abcdef", turn), **wishes).teams

  def test_everybody_is_in_one_team_and_sizes_differ_by_one_at_most
    [ [ 23, 6 ], [ 24, 4 ], [ 7, 7 ], [ 30, 11 ], [ 2, 1 ] ].each do |size, count|
      made = teams((1..size).map(&:to_s), count: count)
      assert_equal [ count, (1..size).map(&:to_s).sort ], [ made.size, made.flatten.sort ]
      assert_operator made.map(&:size).max - made.map(&:size).min, :<=, 1
    end
  end

  def test_who_stays_together_and_who_is_kept_apart
    20.times do |turn|
      made = teams(turn: turn, together: [ %w[N1 N2], %w[N2 N3] ], apart: [ %w[N4 N5 N6 N7 N8 N9], %w[n1 N10] ])
      home = ->(name) { made.index { |team| team.include?(name) } }
      assert_equal 1, %w[N1 N2 N3].map(&home).uniq.size
      assert_equal 6, %w[N4 N5 N6 N7 N8 N9].map(&home).uniq.size
      refute_equal home.("N1"), home.("N10")
      assert_equal NAMES.sort, made.flatten.sort
    end
  end

  def test_other_turns_are_other_teams
    refute_equal teams, teams(turn: 1)
    assert_equal teams, teams
  end

  def test_what_cannot_be
    { { apart: [ NAMES.first(7) ] } => /kept apart in 6 teams/, { apart: [ %w[N1 N2] ], together: [ %w[N1 N3], %w[N3 N2] ] } => /together and apart/,
      { together: [ NAMES.first(5) ] } => /more than a team of 4/, { apart: [ %w[N1 Nobody] ] } => /not among the names/, { count: 24 } => /more than there are/ }.each do |wishes, words|
      assert_invalid(words) { teams(**wishes) }
    end
    pairs = %w[N1 N2 N3 N4].combination(2).to_a
    assert_invalid(/not everybody|With 3 teams/) { teams(NAMES.first(9), count: 3, apart: pairs) }
    assert_invalid { teams(%w[N1]) }
  end

  def test_the_tool_says_it_in_words
    begins = ->(given) { Usher::Classroom::Tools::Teams.begin(given.transform_keys(&:to_s), seed: "0123456789abcdef", at: 1) }
    assert_invalid(/larger than the class/) { begins.({ names: NAMES.join("\n"), number: 30 }) }
    assert_invalid(/stands alone/) { begins.({ names: NAMES.join("\n"), number: 4, apart: "N1" }) }
    assert_invalid(/names first/) { begins.({ names: "" }) }
    assert_equal 6, begins.({ names: NAMES.join("\n"), number: 4 })["teams"].size
    assert_equal 4, begins.({ names: NAMES.join("\n"), by: "count", number: "4" })["teams"].size
  end
end
