require "core_test"
require_relative "samples"

class SheetTest < CoreTest
  include Samples

  CONTENT = Samples::CONTENT["sheet"].first

  def sheet(*parts) = build("sheet", CONTENT.merge("parts" => parts))
  def part(kind, content = Samples::CONTENT.fetch(kind).first, title: "A part") = { "title" => title, "kind" => kind, "content" => content }

  def test_any_kind_can_be_part_of_it
    each_sample do |name, kind|
      next if name == "sheet"
      play = play(sheet(part("number"), part(name, kind.content)), marked: "back")
      play.kind.moves_to(play.deal, play.kind.solution(play.deal)).each { |move| play.take(move) }
      assert_equal [ name, "done", play.score.most ], [ name, play.ended, play.score.points ]
    end
  end

  def test_one_score_for_all_of_it
    play = play(build("sheet"), marked: "parts", points: 2)
    assert_equal 2 * 6, play.score.most
    play.kind.moves_to(play.deal, play.kind.solution(play.deal)).first(2).each { |move| play.take(move) }
    play.take("do" => "check")
    assert_equal 4, play.score.points
    assert_nil play.ended
  end

  def test_help_is_for_the_part_in_sight
    play = play(sheet(part("number"), part("sort")), marked: "back", hints: "free")
    play.take("do" => "hint", "part" => 2)
    assert_equal [ 2 ], play.cells.select { |cell| play.about(cell)["hinted"] }.map { |cell| play.kind.part_of(cell) }
    play.take("do" => "hint") until play.ended?
    assert_invalid { play.take("do" => "hint", "part" => 2) }
    [ 3, "2", {} ].each { |number| assert_invalid(/nothing to help/) { play(sheet(part("number")), hints: "free").take("do" => "hint", "part" => number) } }
  end

  def test_a_part_is_seen_in_its_own_names
    kind = build("sheet")
    play = play(kind, marked: "move")
    gap = Usher::Activities::Seen.new(play).part(3)
    play.take("part" => 3, "move" => { "field" => "f1", "text" => "wind" })
    assert_equal [ "Write it", "gaps", "wind", "not" ], [ gap.title, gap.kind.class.name.split("::").last.downcase, gap.view["text"].grep(Hash).first["value"], gap.sign("f1") ]
    assert_equal "Ropes sink.", Usher::Activities::Seen.new(play).part(1).then { |seen| seen.view["sentences"].keys.map { |cell| seen.face(cell).text } }.find { |text| text.start_with?("Ropes") }
  end

  def test_what_was_tried_in_a_part_also_when_it_went_back
    play = play(build("sheet"), marked: "back")
    parts = -> { (1..3).map { |number| Usher::Activities::Seen.new(play).part(number).then { |part| [ part.tried?, part.answered_all? ] } } }
    assert_equal [ [ false, false ] ] * 3, parts.call
    play.take(wrong_move(play.kind, play.deal, play.answers, "2-p1"))
    assert_equal [ [ false, false ], [ true, false ], [ false, false ] ], parts.call
    play.take("part" => 3, "move" => { "field" => "f1", "text" => "tide" })
    assert_equal [ true, true ], parts.call.last
  end

  def test_what_does_not_go_is_said
    { "Take in 1 to 20" => [], "cannot lie in a sheet" => [ part("sheet") ], "title of part 1" => [ part("sort", title: " ") ], "must come with its title" => [ 3 ] }.each { |sentence, parts| assert_invalid(/#{sentence}/) { sheet(*parts) } }
    assert_invalid(/kind of activity/) { sheet(part("sort").merge("kind" => "nothing")) }
    many = part("true_false", { "sentences" => Array.new(40) { |n| { "ask" => "Sentence #{n}", "true" => true } } })
    assert_invalid(/Make two of it/) { sheet(*[ many ] * 8) }
    [ {}, { "part" => 9, "move" => {} }, { "part" => "1", "move" => {} }, { "part" => 1, "move" => 3 }, { "part" => 1 } ].each { |move| assert_invalid { play(build("sheet")).take(move) } }
  end
end
