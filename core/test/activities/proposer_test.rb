require "core_test"

class ProposerTest < CoreTest
  TEXT = "The harbour of Gull Point is quiet at night. When the tide comes in, the boats pull at their ropes. At ebb they lie on the sand, and children look for shells between them. The tide waits for nobody."

  def proposer(text = TEXT) = Usher::Activities::Kinds::Gaps::Proposer.new(text)

  def test_words_that_only_hold_a_sentence_together_are_left_alone
    assert_empty proposer.chosen(20).map(&:key) & %w[the of is at when in their they on and for between them nobody]
  end

  def test_what_the_text_speaks_of_is_proposed_once_and_no_first_word_before_others
    keys = proposer.chosen(20).map(&:key)
    assert_includes keys, "tide"
    assert_equal keys.uniq, keys
  end

  def test_some_text_is_left_between_two_gaps
    proposer.text.scan(/\]([^\[]*)\[/).each { |(between)| assert_operator between.split.size, :>=, 4, between }
  end

  def test_only_brackets_are_added_and_as_many_as_asked_for
    (0..5).each { |count| assert_equal [ TEXT, count ], proposer.text(count).then { |text| [ text.delete("[]"), text.count("[") ] } }
  end

  def test_languages_are_told_apart
    { "en" => TEXT, "de" => "Wenn die Flut kommt, liegen die Boote nicht mehr auf dem Sand.", "fr" => "Quand la marée monte, les bateaux ne sont plus sur le sable.", "es" => "Cuando sube la marea, los barcos ya no están en la arena." }.each { |language, text| assert_equal language, proposer(text).language }
  end

  def test_a_text_without_such_words
    [ "", "and or the", "123 456", "[x]" ].each { |text| assert_equal text.tr("[]", "()"), proposer(text).text }
  end
end
