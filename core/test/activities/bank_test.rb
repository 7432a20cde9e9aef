require "core_test"
require_relative "samples"

class BankTest < CoreTest
  include Samples

  Bank = Usher::Activities::Bank

  def test_questions_one_by_one_and_together_again
    each_sample do |name, kind|
      parts = Bank.split(kind)
      next assert_empty(parts, name) unless kind.class.listed
      assert_equal kind.questions, parts.map(&:first)
      parts.each { |_, content| assert_equal 1, build(name, content).questions.size, name }
      assert_equal kind.content, Bank.join(name, parts.map(&:last)), name
    end
  end

  def test_each_question_stands_once
    one = Bank.split(build("number")).first.last
    assert_equal one, Bank.join("number", [ one, one ])
  end

  def test_what_does_not_stand_together_is_said
    assert_invalid(/no questions one by one/) { Bank.join("match", [ CONTENT["match"].first ]) }
    assert_invalid { Bank.join("cards", [ { "cards" => [ %w[ebb a] ] }, { "cards" => [ %w[ebb b] ] } ]) }
  end

  def test_the_kinds_it_takes
    assert_equal %w[cards choose_all choose_one count number order true_false], Bank.kinds.sort
  end
end
