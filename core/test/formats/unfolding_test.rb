require "core_test"
require "nokogiri"

class UnfoldingTest < CoreTest
  Svg = Usher::Formats::Svg

  def svg(inside) = %(<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="9" height="9">#{inside}</svg>)
  def size(inside) = Svg::Unfolding.new(Nokogiri::XML(svg(inside)).root).size

  # Each level uses the one before so many times. named: how it is said.
  def levels(count, width, &named)
    (1..count).map { |level| %(<g id="l#{level}">#{level == 1 ? '<rect width="1" height="1"/>' * width : Array.new(width) { named.("l#{level - 1}") }.join}</g>) }.join
  end

  def test_what_is_used_counts_wherever_it_is
    assert_equal 3, size("<g><rect/></g>")
    assert_equal 1 + 2 + 2 * (1 + 2), size('<g id="a"><rect/></g><use href="#a"/><use href="#a"/>')
    assert_equal 1, size('<defs><g id="a"><rect/></g></defs>'), "what is only kept is not drawn"
    assert_equal 2, size('<use href="#gone"/>')
  end

  def test_a_few_lines_that_draw_billions_are_refused
    uses = { "use" => ->(id) { %(<use href="##{id}"/>) }, "an older use" => ->(id) { %(<use xlink:href="##{id}"/>) }, "mask" => ->(id) { %(<rect width="1" height="1" mask="url(##{id})"/>) }, "clip path" => ->(id) { %(<rect width="1" height="1" clip-path="url('##{id}')"/>) } }
    uses.each do |name, named|
      assert_operator size(levels(12, 10, &named)), :>, 10**11, name
      assert_invalid(/draws more than/) { Svg::Reader.read(svg(levels(12, 10, &named))) }
      assert Svg::Reader.read(svg(levels(3, 8, &named))), name
    end
  end

  def test_parts_within_themselves_and_chains_without_end_are_refused
    assert_invalid(/within itself/) { Svg::Reader.read(svg('<g id="a"><use href="#a"/></g>')) }
    assert_invalid(/within itself/) { Svg::Reader.read(svg('<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>')) }
    assert_invalid(/nested too deeply/) { Svg::Reader.read(svg('<use href="#l3000"/>' + levels(3_000, 1) { |id| %(<use href="##{id}"/>) })) }
  end
end
