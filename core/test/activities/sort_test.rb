require "core_test"
require_relative "samples"

class SortTest < CoreTest
  include Samples

  def groups = CONTENT["sort"].first["groups"]

  def test_content_rules_say_what_is_wrong
    { /2 to 6 groups/ => { "groups" => groups.first(1) },
      /Safe.*no tiles/ => { "groups" => [ { "name" => "Safe", "tiles" => [] }, groups[1] ] },
      /name of group 2 is empty/ => { "groups" => [ groups[0], { "name" => " ", "tiles" => %w[a] } ] },
      /Two groups are called/ => { "groups" => [ groups[0], { "name" => "safe", "tiles" => %w[a] } ] },
      /11:30.*twice/ => { "groups" => [ groups[0], { "name" => "Wait", "tiles" => %w[11:30] } ] },
      /longer than 60/ => { "groups" => [ groups[0], { "name" => "Wait", "tiles" => [ "a" * 61 ] } ] },
      /60 is the most/ => { "groups" => [ groups[0], { "name" => "Wait", "tiles" => (1..60).map { |n| "t#{n}" } } ] },
      /2 to 6/ => { "groups" => nil }, /Group 1/ => { "groups" => [ 1, 2 ] } }.each { |words, content| assert_invalid(words) { build("sort", content) } }
  end

  def test_how_many_groups_and_tiles
    sort = ->(*groups) { build("sort", { "groups" => groups.each_with_index.map { |tiles, n| { "name" => "G#{n}", "tiles" => tiles } } }) }
    tiles = ->(count) { Array.new(count) { |n| "t#{n}" } }
    assert_equal 60, sort.(tiles.(30), tiles.(60).last(30)).then { |kind| kind.cells(kind.deal(1)) }.size
    assert_invalid(/61 tiles; 60/) { sort.(tiles.(31), tiles.(61).last(30)) }
    assert_equal 6, sort.(*tiles.(6).map { |tile| [ tile ] }).content["groups"].size
    [ 1, 7 ].each { |count| assert_invalid(/2 to 6 groups/) { sort.(*tiles.(count).map { |tile| [ tile ] }) } }
    assert_equal 12, sort.(tiles.(20), %w[x y]).glimpse.size
    assert_invalid(/tile of/) { sort.([ " " ], %w[a]) }
    assert_invalid(/“Tide” stands twice|“tide” stands twice/) { sort.([ "Tide", "ebb" ], [ "tide" ]) }
  end

  def test_what_was_made_before_tiles_had_faces_is_read
    assert_equal({ "text" => "11:30" }, build("sort").content["groups"][0]["tiles"][0])
  end

  def test_only_files_of_kinds_are_kinds
    assert_includes Usher::Activities.registry.names, "sort"
    %w[kind play eval].each { |name| assert_invalid { Usher::Activities.registry.fetch(name) } }
  end
end
