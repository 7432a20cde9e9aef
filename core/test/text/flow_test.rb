require "core_test"

class FlowTest < CoreTest
  WORDS = Array.new(5_000) { |n| %w[tide rope buoy lantern gull keel][n % 6] + n.to_s }.freeze

  def parts(values, width: 700, heights: [ 400, 700 ]) = Usher::Text::Flow.new(values, width: width, heights: heights).parts

  def test_every_word_of_a_long_text_is_on_one_of_its_parts
    found = parts({ "text" => WORDS.join(" ") })
    assert_operator found.size, :>, 10
    assert_equal WORDS, found.flat_map { |part| part["text"].split }
  end

  def test_each_part_is_as_high_as_it_may_be
    found = parts({ "text" => WORDS.join(" "), "size" => 40 }, heights: [ 160, 520 ])
    heights = found.map { |part| Usher::Items.build({ "kind" => "text", "id" => "t", "x" => 0, "y" => 0, "width" => 700, "size" => 40, **part }).height }
    assert_equal [ 156.0, 520.0 ], heights.first(2), "three lines, then ten"
    assert_equal [ 520.0 ], heights[1..-2].uniq
  end

  def test_a_short_text_is_one_part_and_no_room_still_takes_a_line
    assert_equal [ "ebb and flow" ], parts({ "text" => "ebb and flow" }).map { |part| part["text"] }
    assert_equal %w[ebb flow], parts({ "text" => "ebb\nflow" }, heights: [ 0, 0 ]).map { |part| part["text"] }
    assert_empty parts({ "text" => " \n " })
  end

  def test_marks_and_lists_go_with_their_words
    text = Array.new(8) { |n| "entry #{n}" }.join("\n")
    found = parts({ "text" => text, "marks" => [ { "from" => 14, "to" => 40, "bold" => true } ], "lists" => %w[none numbers numbers bullets bullets none bullets numbers] }, heights: [ 100, 190 ])
    assert_equal text.split("\n"), found.flat_map { |part| part["text"].split("\n") }
    assert_equal %w[none numbers numbers:2 bullets bullets none bullets numbers], found.flat_map { |part| part["lists"] }
    bold = found.flat_map { |part| part["marks"].map { |mark| part["text"][mark["from"]...mark["to"]] } }
    assert_equal text[14...40].delete("\n"), bold.join.delete("\n")
  end

  def test_an_entry_that_goes_on_has_no_second_sign
    first, second = parts({ "text" => WORDS.first(60).join(" "), "lists" => %w[bullets] }, heights: [ 100, 700 ])
    assert_equal [ %w[bullets], %w[none] ], [ first["lists"], second["lists"] ]
  end

  def test_a_list_counts_on_over_its_parts
    text, shown = Array.new(7) { |n| "entry #{n}" }.join("\n"), ->(found) { found.flat_map { |part| Usher::Items.build({ "kind" => "text", "id" => "t", "x" => 0, "y" => 0, "width" => 700, **part }).lines.filter_map(&:marker) } }
    assert_equal %w[1. 2. 3. 4. 5. 6. 7.], shown.(parts({ "text" => text, "lists" => %w[numbers] * 7 }, heights: [ 100, 100 ]))
    assert_equal %w[iv. v. 1. 2. 3.], shown.(parts({ "text" => text, "lists" => %w[romans:4 under romans:4 none numbers numbers numbers] }, heights: [ 100, 50 ]))
    long = "#{WORDS.first(40).join(' ')}\nebb\nflow"
    assert_equal %w[1. 2. 3.], shown.(parts({ "text" => long, "lists" => %w[numbers] * 3 }, heights: [ 100, 700 ])), "also from amid an entry"
  end

  def test_what_it_does_not_take_is_named
    { "text" => 5, "marks" => "bold", "lists" => %w[stars], "font" => "none", "size" => 2 }.each do |name, value|
      assert_match(/#{name}/i, assert_raises(Usher::Invalid) { parts({ "text" => "ebb", name => value }) }.message)
    end
    assert_raises(Usher::Invalid) { parts({ "text" => "x" * 200_001 }) }
  end
end
