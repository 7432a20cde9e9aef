require "core_test"
require_relative "samples"

# What may be shown of a go, to whom and when.
class ActivitySeenTest < CoreTest
  include Samples

  def seen(play, **options) = Usher::Activities::Seen.new(play, **options)

  # A go with a wrong answer.
  def begun(kind, way, **rules)
    play(kind, marked: way, **rules).tap { |play| wrong_move(kind, play.deal, play.answers, play.cells[0])&.then { |move| play.take(move) } }
  end

  def marks(play) = play.cells.map { |cell| { nil => nil, 1 => "right", 0 => "not" }.fetch(play.kind.mark(play.deal, play.answers)[cell]&.then { |points| points.to_i == points ? points.to_i : points }, "partly") }

  def signs(play, **options) = play.cells.map { |cell| seen(play, **options).sign(cell) }

  def test_nothing_is_said_before_it_may_be
    each_sample do |name, kind|
      %w[parts whole teacher].each do |way|
        play = begun(kind, way)
        assert_equal [ nil ], signs(play).uniq, "#{name}, #{way}"
        refute seen(play).score? || seen(play).solution?
        refute_equal kind.view(play.deal, kind.solution(play.deal)), seen(play, solved: true).view, "not by asking for it, #{name}"
      end
    end
  end

  def test_the_teacher_sees_every_mark
    each_sample do |name, kind|
      play = begun(kind, "teacher")
      assert_equal marks(play), signs(play, all: true), name
      assert_equal kind.view(play.deal, kind.solution(play.deal)), seen(play, all: true, solved: true).view
    end
  end

  def test_part_by_part_when_it_was_asked
    each_sample do |name, kind|
      play = begun(kind, "parts")
      next if play.answered.zero? # nothing can be wrong in it
      play.take("do" => "check")
      assert_equal marks(play), signs(play), name
    end
  end

  def test_the_whole_says_nothing_about_parts_until_it_is_over
    play = begun(build("sort"), "whole")
    play.take("do" => "check")
    assert_equal [ nil ], signs(play).uniq
    assert_equal false, seen(play).all
    play.take("do" => "finish")
    assert_equal "not", signs(play).first
    assert seen(play).score? && seen(play).solution?
  end

  def test_the_solution_is_kept_back_where_the_rules_say_so
    play = begun(build("sort"), "parts", solution: false)
    play.take("do" => "finish")
    refute seen(play).solution?
    assert_equal [ nil ], signs(play).uniq
    handed_in = begun(build("sort"), "teacher").tap { |one| one.take("do" => "finish") }
    refute seen(handed_in).score? || seen(handed_in).solution?
  end

  def test_when_the_time_is_over_nothing_can_be_changed
    play = begun(build("sort"), "parts", seconds: 60)
    refute seen(play).over?
    assert seen(play, late: true).over?
    assert seen(play, late: true).fixed?("p1")
    assert_equal "time", seen(play, late: true).ended
  end
end
