require "core_test"

class MarksTest < CoreTest
  def test_only_what_is_more_than_it_looks_bears_a_sign
    assert_equal "", draw(item("note"))
    assert_includes draw(item("note", link: { "to" => "speech", "language" => "sv", "speed" => 100 })), "Q8 0 5 4"
    assert_includes draw(item("note", link: { "to" => "address", "address" => "https://tide.example" })), "M-6 6L6 -6"
    assert_includes draw(item("tile", text: "1", pile: { "limit" => 0 })), "M-8 2L0 7"
    assert_includes draw(item("tile", text: "1", pile: { "limit" => 7 }, left: 4)), ">4</text>"
  end

  def test_the_sign_of_what_only_some_see_is_for_the_teacher_who_prepares
    room, devices = draw(item("note", audience: "room")), draw(item("note", audience: "devices"))
    assert_match(/visibility="hidden".*width="108".*x="52".*>room only</, room)
    assert_match(/visibility="hidden".*width="134".*x="65".*>devices only</, devices)
  end

  private

  def draw(item) = Usher::Page::Marks.draw(item)
end
