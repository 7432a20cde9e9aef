require "core_test"
require_relative "samples"

class FindTest < CoreTest
  include Samples

  CONTENT = Samples::CONTENT["find"].first
  Area = Usher::Activities::Kinds::Find::Area

  def area(shape, *points) = Area.read("shape" => shape, "points" => points)

  def test_where_something_is
    ellipse = area("ellipse", [ 0.2, 0.2 ], [ 0.6, 0.4 ])
    assert ellipse.holds?([ 0.4, 0.3 ]) && ellipse.holds?([ 0.21, 0.3 ])
    refute ellipse.holds?([ 0.22, 0.22 ]), "a corner of its box"
    assert area("rectangle", [ 0.6, 0.4 ], [ 0.2, 0.2 ]).holds?([ 0.22, 0.22 ])
  end

  def test_a_point_is_found_in_any_outline
    bend = area("outline", [ 0.1, 0.1 ], [ 0.9, 0.1 ], [ 0.9, 0.2 ], [ 0.2, 0.2 ], [ 0.2, 0.9 ], [ 0.1, 0.9 ])
    refute bend.holds?([ 0.5, 0.5 ])
    assert bend.holds?(bend.middle)
  end

  def test_it_is_written_and_read_again
    [ area("ellipse", [ 0.2, 0.2 ], [ 0.6, 0.4 ]), area("outline", [ 0.3, 0.1 ], [ 0.35, 0.1 ], [ 0.35, 0.6 ]) ].each { |one| assert_equal one.to_h, Area.parse(one.to_s) }
    assert_nil Area.parse(" ")
  end

  def test_areas_that_cannot_be
    [ "x", { "shape" => "star", "points" => [] }, { "shape" => "ellipse", "points" => [ [ 0, 0 ] ] }, { "shape" => "ellipse", "points" => [ [ 0, 0 ], [ 2, 1 ] ] }, { "shape" => "rectangle", "points" => [ [ 0, 0 ], [ nil, 1 ] ] },
      { "shape" => "rectangle", "points" => [ [ 0.1, 0.1 ], [ 0.11, 0.9 ] ] } ].each { |given| assert_invalid { Area.read(given) } }
  end

  def test_areas_may_overlap_and_each_is_asked_for_itself
    kind = build("find")
    deal = kind.deal(1)
    boat, mast = [ 0, 2 ].map { |index| deal.name(index) }
    assert kind.right?(deal, { boat => [ 0.32, 0.55 ], mast => [ 0.32, 0.55 ] }, boat)
    assert kind.right?(deal, { boat => [ 0.32, 0.55 ], mast => [ 0.32, 0.55 ] }, mast)
    refute kind.right?(deal, { mast => [ 0.2, 0.7 ] }, mast)
  end

  def test_it_is_shown_after_two_misses_and_not_before
    play = play(build("find"), marked: "move", tries: 2)
    cell = play.cells.first
    seen = -> { Usher::Activities::Seen.new(play).revealed(cell) }
    play.take("cell" => cell, "at" => [ 0.99, 0.99 ])
    assert_nil seen.call
    refute play.about(cell)["fixed"]
    play.take("cell" => cell, "at" => [ 0.98, 0.99 ])
    assert_operator seen.call.size, :>=, 3
    assert_equal 2, play.misses
    assert_invalid(/in its place already/) { play.take("cell" => cell, "at" => [ 0.5, 0.5 ]) }
  end

  def test_where_nothing_is_marked_yet_nothing_is_shown
    play = play(build("find"), marked: "whole")
    play.take("cell" => play.cells.first, "at" => [ 0.99, 0.99 ])
    assert_nil Usher::Activities::Seen.new(play).revealed(play.cells.first)
  end

  def test_what_was_tapped_instead_is_told
    kind = build("find")
    deal = kind.deal(1)
    assert_equal [ "the boat", "somewhere else" ], [ [ 0.2, 0.7 ], [ 0.99, 0.99 ] ].map { |at| kind.told(deal, { "p1" => at }, "p1") }
  end

  def test_what_does_not_go_is_said
    { "asked for twice" => CONTENT["things"].first(1) * 2, "Draw on the picture where “x” is" => [ { "ask" => "x" } ], "has the same area" => [ CONTENT["things"][0], CONTENT["things"][0].merge("ask" => "x") ], "Draw on the picture where something" => [], "needs what to find" => [ 1 ] }.each do |sentence, things|
      assert_invalid(/#{sentence}/) { build("find", CONTENT.merge("things" => things)) }
    end
    [ nil, [ 1 ], [ 2, 0 ], [ "a", 0 ] ].each { |at| assert_invalid { play(build("find")).take("cell" => "p1", "at" => at) } }
    assert_invalid(/not asked for/) { play(build("find")).take("cell" => "p9", "at" => [ 0, 0 ]) }
  end
end
