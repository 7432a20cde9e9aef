require "core_test"
require_relative "samples"

# What holds for every kind in the registry.
class EveryActivityTest < CoreTest
  include Samples

  SHARED = [ %w[choose_one choose_all], %w[choose_one tick], %w[choose_all tick], %w[tick choose_all], %w[split word_search] ].freeze # what is content of both

  def view(kind, seed) = kind.deal(seed).then { |deal| kind.view(deal, kind.start(deal)) }

  def test_the_same_seed_deals_the_same_and_others_differently
    each_sample do |name, kind|
      assert_equal view(kind, 5), view(kind, 5), name
      next if kind.deal(5).names.empty?
      assert_operator (1..30).map { |seed| kind.deal(seed).pieces }.uniq.size, :>, 3, name
    end
  end

  def test_content_is_the_same_when_it_is_read_again
    each_sample { |name, kind| assert_equal kind.content, build(name, kind.content).content, name }
  end

  def test_the_solution_is_right_everywhere_and_nothing_else_is_at_the_start
    each_sample do |name, kind|
      deal = kind.deal(3)
      assert_equal [ 1 ], kind.mark(deal, kind.solution(deal)).values.uniq, name
      assert_equal [ nil ], kind.mark(deal, kind.start(deal)).values.uniq, name
    end
  end

  def test_names_of_a_deal_tell_nothing_about_the_solution
    each_sample do |name, kind|
      deals = (1..40).map { |seed| kind.deal(seed) }
      next if deals.first.names.size < 4
      assert_operator deals.map { |deal| deal.names.map { |name| deal.index(name) } }.uniq.size, :>, 3, name
    end
  end

  def test_every_way_to_mark_is_played_to_the_end_and_right
    each_sample do |name, kind|
      Usher::Activities::Rules::WAYS.each do |way|
        play = play(kind, marked: way)
        kind.moves_to(play.deal, kind.solution(play.deal)).each { |move| play.take(move) }
        play.take("do" => way == "teacher" ? "finish" : "check") unless play.ended?
        assert_equal [ name, way, play.score.most ], [ name, way, play.score.points ]
        assert_equal way == "teacher" ? "finished" : "done", play.ended
        assert_invalid(/done|handed in/) { play.take("do" => "check") }
      end
    end
  end

  def test_every_way_to_mark_with_a_wrong_answer_first
    each_sample do |name, kind|
      Usher::Activities::Rules::WAYS.each do |way|
        play = play(kind, marked: way)
        cell = play.cells.first
        move = wrong_move(kind, play.deal, play.answers, cell) or next # nothing can be wrong in it
        outcome = play.take(move)
        case way
        when "back"
          assert_includes outcome.back, cell, name
          assert_nil kind.answer(play.deal, play.answers, cell)
          assert_equal 1, play.misses
        when "move" then assert_equal [ false, 0 ], [ outcome.marked[cell], play.about(cell)["shown"] ], name
        when "parts", "whole"
          assert_empty outcome.marked, name
          assert_equal false, play.take("do" => "check").all, name
          shown = play.about(cell)["shown"]
          way == "whole" ? assert_nil(shown) : assert_kind_of(Numeric, shown)
          refute play.ended?
        else
          assert_empty outcome.marked
          assert_nil play.about(cell)["shown"]
          assert_invalid(/not marked while/) { play.take("do" => "check") }
        end
      end
    end
  end

  def test_nonsense_is_refused_and_changes_nothing
    each_sample do |name, kind|
      play = play(kind)
      before = Marshal.load(Marshal.dump(play.state))
      [ nil, 3, [], {}, { "piece" => 1, "place" => 2 }, { "piece" => "p1", "place" => "zz" }, { "piece" => "p1", "place" => [] }, { "field" => "f1", "text" => 3 }, { "field" => "f1", "text" => "x" * 500 },
        { "field" => {}, "text" => "a" }, { "field" => "f1", "option" => "p999" }, { "do" => "win" }, { "do" => nil }, { "do" => "hint", "cell" => 7 } ].each do |move|
        assert_raises(Usher::Invalid, "#{name}: #{move.inspect}") { play.take(move) }
      end
      assert_equal before, play.state, name
    end
  end

  def test_a_state_that_was_stored_goes_on_where_it_was
    each_sample do |name, kind|
      moves = kind.moves_to(kind.deal(4), kind.solution(kind.deal(4)))
      through = play(kind)
      moves.each { |move| through.take(move) }
      state = nil
      moves.each do |move|
        again = Usher::Activities::Play.new(kind, Usher::Activities::Rules.new, 4, state)
        again.take(move)
        state = JSON.parse(JSON.generate(again.state))
      end
      assert_equal JSON.parse(JSON.generate(through.state)), state, name
    end
  end

  def test_hints_answer_and_cost_what_the_rules_say
    each_sample do |name, kind|
      assert_invalid(/no hints/) { play(kind).take("do" => "hint") }
      free, cost = play(kind, hints: "free"), play(kind, hints: "cost")
      [ free, cost ].each { |play| play.cells.size.times { play.take("do" => "hint") unless play.ended? } }
      assert_equal [ name, "done", "done" ], [ name, free.ended, cost.ended ]
      assert_in_delta free.score.most / 2.0, cost.score.points, 0.01, name
      assert_equal free.score.most, free.score.points, name
    end
  end

  def test_what_is_shown_has_a_face
    each_sample do |name, kind|
      deal = kind.deal(2)
      next if %w[memory sheet].include?(name) # whose cards lie face down; whose parts have their own names
      shown = view(kind, 2).to_json.scan(/"(p\d+)"/).flatten.uniq
      assert_empty shown - kind.faces(deal, kind.start(deal)).keys - (name == "split" ? deal.names : []), name
    end
  end

  def test_questions_are_told_and_belong_to_cells
    each_sample do |name, kind|
      deal = kind.deal(1)
      assert_equal (0...kind.questions.size).to_a, deal && kind.cells(deal).map { |cell| kind.question(deal, cell) }.uniq.sort, name
      kind.questions.each { |words| assert_operator words.length, :>, 0, name }
      kind.solution(deal).then { |answers| kind.cells(deal).each { |cell| assert_kind_of String, kind.told(deal, answers, cell), name } }
      assert_kind_of Array, kind.glimpse
    end
  end

  def test_the_table_it_was_made_from_makes_it_again
    each_sample do |name, kind|
      next if kind.class.columns.empty?
      settings = kind.class.settings.to_h { |key, setting| [ key, setting.read(kind.content[key].to_s) ] }
      form = { table: JSON.parse(JSON.generate(kind.to_table)), text: kind.to_text, picture: kind.to_picture, settings: settings }
      assert_equal kind.content, build(name, kind.class.from_form(**form)).content, name
    end
  end

  def test_content_of_another_kind_is_refused
    each_sample do |name, _, content|
      Usher::Activities.registry.each { |other, kind| assert_raises(Usher::Invalid, "#{name} as #{other}") { kind.build(content) } unless other == name || SHARED.include?([ name, other ]) }
      [ nil, [], "x", {} ].each { |nothing| assert_invalid { build(name, nothing) } }
    end
  end
end
