require "core_test"

class SortTest < CoreTest
  CONTENT = { "groups" => [ { "name" => "Safe", "tiles" => %w[11:30 12:40 00:15] }, { "name" => "Wait", "tiles" => %w[05:45 18:10 06:20] } ] }.freeze

  def setup = @sort = Usher::Activities.registry.fetch("sort").build(CONTENT)

  def move(tile, group) = { "tile" => tile, "group" => group }

  def test_the_same_seed_deals_the_same_and_another_differently
    assert_equal @sort.deal(5), @sort.deal(5)
    assert_operator (1..20).map { |seed| @sort.deal(seed)["tiles"] }.uniq.size, :>, 10
  end

  def test_a_deal_gives_nothing_away
    assert_equal %w[groups tiles], @sort.deal(3).keys
    assert_equal CONTENT["groups"].flat_map { |group| group["tiles"] }.sort, @sort.deal(3)["tiles"].sort
  end

  def test_every_tile_is_right_in_its_group_and_wrong_in_the_other
    deal = @sort.deal(9)
    deal["tiles"].each_with_index do |text, tile|
      home = CONTENT["groups"].index { |group| group["tiles"].include?(text) }
      assert @sort.right?(9, move(tile, home))
      refute @sort.right?(9, move(tile, 1 - home))
    end
  end

  def test_impossible_moves_are_refused
    [ nil, {}, move(6, 0), move(-1, 0), move(0, 2), move("0", 0), move(0, nil), move(0.0, 1) ].each { |bad| assert_invalid { @sort.right?(1, bad) } }
  end

  def test_a_play_marks_each_move_and_counts
    play = Usher::Activities::Play.new(@sort, 4)
    home = ->(tile) { CONTENT["groups"].index { |group| group["tiles"].include?(play.deal["tiles"][tile]) } }
    refute play.make(move(0, 1 - home[0]))
    assert play.make(move(0, home[0]))
    assert_invalid(/already/) { play.make(move(0, home[0])) }
    (1..5).each { |tile| assert play.make(move(tile, home[tile])) }
    assert play.done?
    assert_equal [ 1, 5, 6 ], [ play.misses, play.score, play.size ]
  end

  def test_a_play_is_the_sum_of_its_moves
    moves = [ move(0, 0), move(0, 1), move(1, 0) ].uniq { |one| one["tile"] }
    again = Usher::Activities::Play.new(@sort, 4, moves)
    assert_equal moves.size, again.placed.size + again.misses
  end

  def test_content_rules_say_what_is_wrong
    { /2 to 6 groups/ => { "groups" => CONTENT["groups"].first(1) },
      /Safe.*no tiles/ => { "groups" => [ { "name" => "Safe", "tiles" => [] }, CONTENT["groups"][1] ] },
      /name of group 2 is empty/ => { "groups" => [ CONTENT["groups"][0], { "name" => " ", "tiles" => %w[a] } ] },
      /called “safe”|called “Safe”/ => { "groups" => [ CONTENT["groups"][0], { "name" => "safe", "tiles" => %w[a] } ] },
      /11:30.*twice/ => { "groups" => [ CONTENT["groups"][0], { "name" => "Wait", "tiles" => %w[11:30] } ] },
      /longer than 60/ => { "groups" => [ CONTENT["groups"][0], { "name" => "Wait", "tiles" => [ "a" * 61 ] } ] },
      /60 is the most/ => { "groups" => [ CONTENT["groups"][0], { "name" => "Wait", "tiles" => (1..60).map { |n| "t#{n}" } } ] },
      /2 to 6/ => { "groups" => nil }, /Group 1/ => { "groups" => [ 1, 2 ] }, /set of named/ => nil }.each do |words, content|
      assert_invalid(words) { Usher::Activities.registry.fetch("sort").build(content) }
    end
  end

  def test_only_files_of_kinds_are_kinds
    assert_includes Usher::Activities.registry.names, "sort"
    %w[kind play eval].each { |name| assert_invalid { Usher::Activities.registry.fetch(name) } }
  end
end
