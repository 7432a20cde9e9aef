require "core_test"

class DrawingTest < CoreTest
  Drawing = Usher::Page::Drawing

  def test_a_turned_item_turns_about_its_centre
    assert_equal "translate(100 50) rotate(30 100 50)", Drawing.transform(item("rectangle", angle: 30))
    assert_equal "translate(100 50)", Drawing.transform(item("rectangle"))
  end

  def test_every_paper_is_drawn_as_well_formed_svg
    Usher::Page::Papers.names.each do |paper|
      svg = Drawing.document({ "paper" => paper, "measures" => paper == "picture" ? { "picture" => 7 } : {}, "colour" => "#fdfaf4" }, [])
      root = Nokogiri::XML(svg) { |config| config.strict }.root
      assert_equal "0 0 1600 900", root["viewBox"]
      assert_includes svg, "#fdfaf4"
    end
  end

  def test_print_puts_its_own_address_for_each_picture
    placed = Usher::Page::Placed.new(item("picture"), 1)
    svg = Drawing.document(Usher::Page::Style::DEFAULTS, [ Drawing.item(placed, 1) ]) { |address| "data:image/png;base64,#{Usher::Veil.read(address).first}&" }
    assert_includes svg, 'href="data:image/png;base64,7&amp;"'
    refute_includes svg, "/pictures/"
  end

  def test_box_bounds_grow_with_the_angle
    box = Usher::Geometry::Box.new(0, 0, 100, 0, 90)
    assert_in_delta 50, box.bounds.x
    assert_in_delta 100, box.bounds.height
  end
end
