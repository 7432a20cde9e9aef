require "core_test"

# Words with looks, as they are typed in one line.
class InlineTest < CoreTest
  def test_words_without_signs_are_one_run
    assert_equal [ [ "The tide turns", nil, nil, nil ] ], runs("The tide turns")
    assert_empty runs("")
  end

  def test_bold_italic_and_formulas
    assert_equal [ [ "At ", nil, nil, nil ], [ "ebb", true, nil, nil ], [ " it ", nil, nil, nil ], [ "falls", nil, true, nil ], [ " by ", nil, nil, nil ], [ "1/2", nil, nil, true ] ],
      runs("At *ebb* it _falls_ by `1/2`")
    assert_equal "At ebb it falls by 1/2", plain("At *ebb* it _falls_ by `1/2`")
    assert_equal [ "1/2" ], Usher::Text::Inline.new("At `1/2`").formulas
  end

  def test_looks_lie_in_each_other_and_formulas_keep_their_signs
    assert_equal [ [ "high ", true, nil, nil ], [ "water", true, true, nil ] ], runs("*high _water_*")
    assert_equal [ [ "2*3*4", nil, nil, true ] ], runs("`2*3*4`")
    assert_equal [ [ "is ", true, nil, nil ], [ "a*b", true, nil, true ] ], runs("*is `a*b`*")
  end

  def test_a_sign_counts_only_around_words
    [ "2*3*4", "2 * 3 * 4", "* a list", "high_water_mark", "fill ____ in", "a _ b _ c", "5*", "_", "*", "**", "__", "`", "``", "*open", "shut*", "a\\b" ].each do |text|
      assert_equal text, plain(text)
      assert_empty Usher::Text::Inline.new(text).runs.select { |run| run.bold || run.italic || run.formula }, text
    end
  end

  def test_punctuation_may_stand_beside_a_sign
    assert_equal [ [ "(", nil, nil, nil ], [ "ebb", true, nil, nil ], [ "), ", nil, nil, nil ], [ "flow", true, nil, nil ], [ "!", nil, nil, nil ] ], runs("(*ebb*), *flow*!")
  end

  def test_after_a_backslash_a_sign_is_a_letter
    assert_equal "*ebb* and `x`", plain("\\*ebb\\* and \\`x\\`")
    assert_equal "\\", plain("\\\\")
  end

  def test_any_text_can_be_written_so_that_it_stays_as_it_is
    random = Random.new(4)
    300.times do
      text = Array.new(random.rand(1..14)) { [ "*", "_", "`", "\\", " ", "a", "é", "7", "." ].sample(random: random) }.join
      assert_equal text, plain(Usher::Text::Inline.literal(text)), text.inspect
    end
    assert_equal "2*3*4", Usher::Text::Inline.literal("2*3*4"), "and is left alone where nothing is meant by it"
  end

  def test_marks_are_those_of_a_text
    assert_equal [ { "from" => 3, "to" => 6, "bold" => true }, { "from" => 10, "to" => 15, "italic" => true } ], Usher::Text::Inline.new("At *ebb* it _falls_").marks
  end

  def test_the_longest_that_is_taken_is_read_quickly
    text = "*_`" * 100
    assert_equal text, plain(Usher::Text::Inline.literal(text))
    assert_equal 1_000, plain("*a " * 333 + "b").length
  end

  private

  def runs(text) = Usher::Text::Inline.new(text).runs.map { |run| [ run.text, run.bold, run.italic, run.formula ] }
  def plain(text) = Usher::Text::Inline.new(text).plain
end
