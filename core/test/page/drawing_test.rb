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

  # Each with names that the other has too.
  def test_drawings_are_put_into_a_document_as_they_are
    drawing = ->(colour) { %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 8 8" width="8" height="8" fill="#{colour}"><linearGradient id="g"><stop stop-color="#{colour}"/></linearGradient><path id="p" d="M0 0H4V8H0z" fill="url(#g)"/><use href="#p" x="4"/></svg>) }
    drawings = { 1 => drawing.("#b3411d"), 2 => drawing.("#1e6079") }
    items = drawings.keys.map { |number| Drawing.item(Usher::Page::Placed.new(Usher::Items.build({ "kind" => "picture", "id" => "p#{number}", "x" => number * 400, "y" => 0, "width" => 300, "height" => 600, "picture" => number, "opacity" => 0.5 }), number), 1) }
    svg = Drawing.document(Usher::Page::Style::DEFAULTS, items) { |address| "data:image/svg+xml;base64,#{[ drawings.fetch(address[/\d+/].to_i) ].pack('m0')}" }
    root = Nokogiri::XML(svg) { |config| config.strict }.remove_namespaces!.root
    assert_empty root.css("image")
    inner = root.css("svg")
    assert_equal [ %w[300 600 none], [ "0 0 8 8" ] * 2 ], [ inner[0].then { |one| [ one["width"], one["height"], one["preserveAspectRatio"] ] }, inner.map { |one| one["viewBox"] } ]
    assert_equal [ 4, "0.5" ], [ root.css("svg [id]").map { |node| node["id"] }.uniq.size, inner[0].parent["opacity"] ]
    inner.each { |one| assert_equal [ "url(##{one.at('linearGradient')['id']})", "##{one.at('path')['id']}" ], [ one.at("path")["fill"], one.at("use")["href"] ] }
    refute_includes Usher::Formats::Pdf::Writer.write([ svg ]), "/Subtype /Image", "in print there are no dots"
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
