require "core_test"

class FaceTest < CoreTest
  Face = Usher::Activities::Face

  def test_words_are_what_is_read_when_no_look_is_seen
    face = Face.read("Half is `1/2`, *always*", "A card")
    assert_equal "Half is 1/2, always", face.text
    assert_equal face.text, face.words
    assert_equal({ "text" => "Half is `1/2`, *always*" }, face.to_h)
  end

  def test_a_look_makes_no_other_answer
    assert_equal Face.read("*Ebb*", "A card").key, Face.read("ebb", "A card").key
  end

  def test_how_long_it_is_counts_what_is_read
    assert_equal 5, Face.read("*" + "a" * 5 + "*", "A card", longest: 5).text.length
    assert_invalid(/longer than 5/) { Face.read("a" * 6, "A card", longest: 5) }
  end

  def test_a_formula_that_is_none_is_refused_in_a_sentence
    assert_invalid(/A card.*bracket/m) { Face.read("It is `(1/2`", "A card") }
  end

  def test_letters_stay_letters
    assert_equal "*ebb*", Face.literal("*ebb*").text
    assert_empty Face.literal("`x`").inline.formulas
  end

  def test_nothing_is_empty_and_other_things_are_refused
    assert_invalid(/is empty/) { Face.read("  ", "A card") }
    assert_invalid(/is empty/) { Face.read({ "picture" => nil, "alt" => "A boat" }, "A card") }
    [ 3, [], { "colour" => "red" }, { "picture" => "3x" }, { "text" => 4 } ].each { |given| assert_invalid { Face.read(given, "A card") } }
  end
end
