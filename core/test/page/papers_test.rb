require "core_test"

class PapersTest < CoreTest
  def draw(name, **measures) = Usher::Page::Papers.registry.fetch(name).new(measures.transform_keys(&:to_s)).draw("#ffffff", Usher::Page::SIZE)
  def check(name, **measures) = Usher::Page::Style.check("paper" => name, "measures" => measures.transform_keys(&:to_s))

  def test_ruled_lines_are_as_far_apart_as_they_say_in_millimetres_on_a4
    ys = draw("ruled", spacing: 8).scan(/M0 ([\d.]+)H/).flatten.map(&:to_f)
    ys.each_cons(2) { |a, b| assert_in_delta 8 * 1600 / 297.0, b - a, 0.02 }
  end

  def test_a_stave_has_five_lines
    rules = draw("staves", gap: 3).scan(/M64\.65 ([\d.]+)H/).flatten.map(&:to_f)
    assert_equal 0, rules.size % 5
    rules.first(5).each_cons(2) { |a, b| assert_in_delta 3 * 1600 / 297.0, b - a, 0.02 }
  end

  def test_axes_have_exact_numbers_and_cross_at_nothing
    svg = draw("axes", x_from: -1, x_to: 1, x_step: 0.1, y_from: -2, y_to: 2, y_step: 1)
    [ "0.3", "−0.7", "−2", "1" ].each { |label| assert_includes svg, ">#{label}<" }
    refute_match(/>0\.30000|>-/, svg)
  end

  def test_number_lines_leave_out_labels_that_would_touch
    assert_operator draw("number_line", from: 0, to: 100, step: 1, rows: 1).scan("<text").size, :<, 60
  end

  def test_measures_are_checked_with_their_paper
    assert_equal({ "spacing" => 7 }, check("squared", spacing: 7)["measures"])
    { "ruled" => { spacing: 1 }, "squared" => { gap: 5 }, "axes" => { x_from: 3, x_to: 3 }, "number_line" => { step: 0 }, "picture" => {}, "staves" => { gap: "wide" } }.each { |name, bad| assert_invalid { check(name, **bad) } }
    assert_invalid { Usher::Page::Style.check("measures" => {}) }
    assert_invalid { Usher::Page::Style.check("paper" => "plain", "measures" => []) }
  end

  def test_every_paper_says_what_it_is_and_can_be_drawn_at_any_offered_measure
    Usher::Page::Papers.registry.each do |name, paper|
      refute_empty paper.title
      paper.measures.each_value { |measure| (measure.choices || {}).each_key { |value| assert check(name, **(name == "picture" ? { picture: 7 } : {}), measure.name.to_sym => value) } }
    end
  end

  def test_every_layout_makes_items_that_lie_on_the_page
    Usher::Page::Layouts.registry.each do |name, layout|
      items = layout.items.map { |values| Usher::Items.build(values) }
      assert_operator items.size, :>, 2, name
      items.each { |item| assert item.box.then { |box| box.x >= 0 && box.y >= 0 && box.x + box.width <= 1_610 && box.y + box.height <= 905 }, "#{name}: #{item.label}" }
    end
  end
end
