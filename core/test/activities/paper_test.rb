require "core_test"
require_relative "samples"

class ActivityPaperTest < CoreTest
  include Samples

  def sheet(kind, solved: false) = Usher::Activities::Paper.new(kind, title: "Tides", seed: 2, solved: solved, sizes: { 7 => [ 600, 400 ] }).sheet
  def items(kind, **options) = sheet(kind, **options).pages.flatten
  def written(kind, **options) = items(kind, **options).grep(Usher::Items::Text).map(&:words)

  def test_every_kind_is_printed_to_be_solved_and_solved_within_its_sheets
    each_sample do |name, kind|
      [ false, true ].each do |solved|
        made = sheet(kind, solved: solved)
        made.pages.flatten.each do |item|
          assert_operator item.box.x, :>=, 0, name
          assert_operator item.box.x + item.box.width, :<=, 1000, "#{name}: #{item.words}"
          assert_operator item.box.y + item.box.height, :<=, 1414, "#{name}: #{item.words}"
        end
        assert_equal solved ? "Tides: solved" : "Tides", made.pages.first.first.words
      end
    end
  end

  def test_what_is_to_be_solved_does_not_stand_there
    { "gaps" => %w[twice ebb], "number" => [ "2.5 m" ], "cards" => [ "the tide goes" ], "split" => [ "har-bour" ] }.each do |name, answers|
      refute answers.any? { |answer| written(build(name)).any? { |text| text.include?(answer) } }, name
      assert answers.any? { |answer| written(build(name), solved: true).any? { |text| text.include?(answer) } }, name
    end
  end

  def test_the_words_to_be_placed_stand_there_unless_they_are_in_their_places
    gaps = build("gaps", CONTENT["gaps"][1])
    assert_includes written(gaps), "twice"
    refute_includes written(gaps, solved: true), "twice"
    assert(written(gaps, solved: true).any? { |text| text.include?("The tide comes in twice a day") })
  end

  def test_formulas_are_set_and_words_keep_their_looks
    kind = build("match", "rows" => [ [ "`1/2`", "*half* of it" ], [ "`1/4`", "a quarter: `0.25`" ] ])
    assert_equal %w[1/2 1/4], items(kind).grep(Usher::Items::Formula).map(&:source).sort
    texts = items(kind).grep(Usher::Items::Text)
    assert_equal [ { "from" => 0, "to" => 4, "bold" => true } ], texts.find { |text| text.words == "half of it" }.marks
    assert_includes texts.map(&:words), "a quarter: 0.25"
  end

  def test_pictures_keep_their_shape
    picture = items(build("label")).grep(Usher::Items::Picture).first
    assert_in_delta 1.5, picture.width / picture.height, 0.01
  end

  def test_a_crossword_has_a_square_for_each_letter_and_its_letters_only_when_solved
    kind = build("crossword")
    count = kind.layout.squares.size
    assert_equal count, items(kind).grep(Usher::Items::Rectangle).size
    assert_equal 0, written(kind).grep(/\A[A-Z]\z/).size
    assert_equal count, written(kind, solved: true).grep(/\A[A-Z]\z/).size
  end

  def test_much_goes_on_further_sheets
    many = build("true_false", "sentences" => Array.new(40) { |n| { "ask" => "Sentence number #{n} about the tide", "true" => true } })
    assert_operator sheet(many).pages.size, :>, 1
    assert_equal 40, written(many).grep(/Sentence number/).size
  end

  def test_documents_name_their_pictures
    addresses = []
    documents = Usher::Activities::Paper.new(build("label"), title: "Boat", sizes: { 7 => [ 600, 400 ] }).documents { |address| addresses << address && "data:," }
    assert_match(/\A<svg/, documents.first)
    assert_equal [ "/pictures/7" ], addresses.uniq
  end
end
