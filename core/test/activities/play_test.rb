require "core_test"
require_relative "samples"

# When answers are marked, and what for.
class PlayTest < CoreTest
  include Samples

  def setup = @sort = build("sort")

  def place(play, piece, right: true)
    home = play.kind.solution(play.deal)[piece]
    { "piece" => piece, "place" => right ? home : (%w[g1 g2] - [ home ]).first }
  end

  def test_what_is_right_stays_and_what_is_wrong_goes_back
    play = play(@sort)
    assert_equal({ "p1" => false }, play.take(place(play, "p1", right: false)).marked)
    assert_empty play.answers
    assert_equal({ "p1" => true }, play.take(place(play, "p1")).marked)
    assert_invalid(/in its place already/) { play.take("piece" => "p1", "place" => nil) }
    (2..6).each { |number| play.take(place(play, "p#{number}")) }
    assert_equal [ "done", 1, 7, 5, 6 ], [ play.ended, play.misses, play.moves, play.score.points, play.score.most ]
    assert_equal [ false ] + [ true ] * 5, play.score.first.sort_by { |number, _| play.deal.name(number)[1..].to_i }.map(&:last)
  end

  def test_marked_at_each_move_a_wrong_answer_stays_and_can_be_changed
    play = play(@sort, marked: "move")
    play.take(place(play, "p1", right: false))
    assert_equal 0, play.about("p1")["shown"]
    play.take(place(play, "p1"))
    assert_equal [ 1, true, 1 ], play.about("p1").values_at("shown", "fixed", "wrong")
  end

  def test_tries_run_out_for_each_part
    play = play(@sort, marked: "back", tries: 2)
    2.times { play.take(place(play, "p1", right: false)) }
    assert play.about("p1")["fixed"]
    assert_invalid(/already/) { play.take(place(play, "p1")) }
    (2..6).each { |number| play.take(place(play, "p#{number}")) }
    assert_equal "tries", play.ended
  end

  def test_asked_part_by_part_what_is_changed_is_not_marked_any_more
    play = play(@sort, marked: "parts")
    assert_invalid(/Answer something/) { play.take("do" => "check") }
    play.take(place(play, "p1", right: false))
    play.take(place(play, "p2"))
    assert_equal({ "p1" => false, "p2" => true }, play.take("do" => "check").marked)
    play.take("piece" => "p1", "place" => nil)
    assert_nil play.about("p1")["shown"]
    assert_equal 1, play.about("p2")["shown"]
    assert_equal 1, play.score.points
  end

  def test_asked_for_the_whole_nothing_is_said_about_parts
    play = play(@sort, marked: "whole", tries: 2)
    play.take(place(play, "p1"))
    outcome = play.take("do" => "check")
    assert_equal [ {}, false, nil ], [ outcome.marked, outcome.all, outcome.ended ]
    assert_nil play.about("p1")["shown"]
    assert_equal "tries", play.take("do" => "check").ended
  end

  def test_time_ends_it
    play = play(@sort, seconds: 30)
    play.take(place(play, "p1"), 30)
    refute play.expire(30)
    assert_invalid(/time .* over/) { play.take(place(play, "p2"), 31) }
    assert play.expire(31)
    refute play.expire(32), "once"
    assert_equal [ "time", 1 ], [ play.ended, play.score.points ]
  end

  def test_points_are_given_for_questions
    play = play(@sort, points: 5)
    play.take(place(play, "p1"))
    assert_equal [ 5, 30 ], [ play.score.points, play.score.most ]
  end

  def test_a_hint_for_one_cell
    play = play(@sort, hints: "cost")
    play.take("do" => "hint", "cell" => "p3")
    assert_equal 0.5, play.score.points
    assert_invalid(/nothing to help/) { play.take("do" => "hint", "cell" => "p3") }
    play.take(place(play, "p4", right: false))
    play.take("do" => "hint", "cell" => "p4")
    assert_equal 0.5, play.score.points, "what was wrong first is worth nothing"
  end

  def test_no_more_moves_than_a_go_allows
    play = play(@sort, marked: "teacher")
    play.state["moves"] = Usher::Activities::Play::MOVES
    assert_invalid(/more moves/) { play.take(place(play, "p1")) }
  end

  def test_rules_are_checked
    rules = ->(given) { Usher::Activities::Rules.new(given) }
    assert_equal "back", rules.({}).marked
    assert_equal 3, rules.({ "tries" => 3 }).tries
    [ nil, { "marked" => "never" }, { "tries" => 0 }, { "seconds" => 5 }, { "seconds" => "60" }, { "points" => 0 }, { "hints" => true }, { "cheat" => 1 }, { "clock" => "yes" } ].each do |given|
      assert_invalid { rules.(given) }
    end
  end
end
