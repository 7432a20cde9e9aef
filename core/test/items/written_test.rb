require "core_test"
require "nokogiri"

class WrittenTest < CoreTest
  def words(item) = Nokogiri::XML("<g>#{item.draw}</g>").css("text").map(&:text)

  def test_a_part_looks_different_and_the_lines_count_its_width
    plain = item("text", text: "Spring tides come at new moon", width: 330, size: 30)
    bold = plain.change("marks" => [ { "from" => 0, "to" => 29, "bold" => true } ])
    assert_operator bold.lines.size, :>=, plain.lines.size
    marked = plain.change("marks" => [ { "from" => 7, "to" => 12, "colour" => "#b3411d", "italic" => true } ])
    assert_includes marked.draw, '<tspan fill="#b3411d" font-style="italic">tides</tspan>'
    assert_equal words(plain), words(marked)
  end

  def test_parts_are_underlined_struck_and_larger
    text = item("text", text: "High tide", width: 900, size: 40, marks: [ { "from" => 0, "to" => 4, "underline" => true, "strike" => true, "scale" => 1.5 } ])
    assert_includes text.draw, '<tspan font-size="60" text-decoration="underline line-through">High</tspan>'
    assert_in_delta 1.5 * 1.3 * 40, text.height
    assert_includes item("text", text: "tide", width: 900, size: 40, tracking: 0.25).draw, 'letter-spacing="10"'
    [ { "scale" => 0 }, { "scale" => 11 }, { "underline" => "yes" }, { "highlight" => "red" } ].each { |bad| assert_invalid { item("text", marks: [ { "from" => 0, "to" => 1, **bad } ]) } }
    [ { leading: 0.1 }, { gap: -1 }, { tracking: 9 } ].each { |bad| assert_invalid { item("text", **bad) } }
  end

  def test_letters_above_and_below_the_line_are_smaller_and_what_follows_is_back_on_it
    mark = ->(from, shift, **more) { { "from" => from, "to" => from + 1, "shift" => shift, **more.transform_keys(&:to_s) } }
    plain = item("text", text: "x2 H2O", width: 900, size: 100)
    text = plain.change("marks" => [ mark.(1, "super"), mark.(4, "sub") ])
    line = Nokogiri::XML("<g>#{text.draw}</g>").at_css("text")
    assert_equal plain.text, line.text
    assert_equal [ [ "2", 62.0, -36.0 ], [ " H", 0.0, 36.0 ], [ "2", 62.0, 14.0 ], [ "O", 0.0, -14.0 ] ], line.css("tspan").map { |part| [ part.text, part["font-size"].to_f, part["dy"].to_f ] }
    assert_equal plain.height, text.height
    widths = [ {}, { "shift" => "sub" } ].map { |look| Usher::Text::Marks.advances("2", [ look ], font: "read").sum }
    assert_in_delta 0.62, widths[1] / widths[0]
    assert_equal plain.draw.scan(/<text.*/), plain.change("marks" => [ mark.(1, "none") ]).draw.scan(/<text.*/).map { |drawn| drawn.gsub(%r{</?tspan>}, "") }
    large = plain.change("marks" => [ mark.(1, "super", scale: 2) ])
    twice = Nokogiri::XML("<g>#{large.draw}</g>").at_css("tspan")
    assert_equal [ 124.0, -72.0 ], [ twice["font-size"].to_f, twice["dy"].to_f ]
    assert_invalid { item("text", marks: [ mark.(0, "sideways") ]) }
  end

  def test_a_number_above_the_line_is_read_as_one
    text = item("text", text: "9 m2 at 10-3 of H2O", marks: [ [ 3, 4, "super" ], [ 10, 12, "super" ], [ 17, 18, "sub" ] ].map { |from, to, shift| { "from" => from, "to" => to, "shift" => shift } })
    assert_equal "9 m² at 10⁻³ of H2O", text.aloud
    assert_includes text.label, "9 m²"
    assert_equal "9 m2 at 10-3 of H2O", text.words
  end

  def test_a_letter_above_the_line_stands_there_too_where_a_cover_hides_its_neighbour
    text = item("text", text: "m2", width: 900, size: 100, marks: [ { "from" => 1, "to" => 2, "shift" => "super" } ])
    baseline = Nokogiri::XML("<g>#{text.draw}</g>").at_css("text")["y"].to_f
    hidden = text.remade("hidden" => [ [ 0, 1 ] ]).redacted
    assert_in_delta baseline - 36, Nokogiri::XML("<g>#{hidden.draw}</g>").css("text").last["y"].to_f
  end

  def test_what_is_highlighted_lies_behind_its_words_also_where_they_run_to_the_left
    mark = [ { "from" => 4, "to" => 7, "highlight" => "#f7dfa6" } ]
    places = %w[left middle right].to_h do |align|
      drawn = Nokogiri::XML("<g>#{item('text', text: 'ebb tid flood', width: 900, size: 40, align: align, marks: mark).draw}</g>")
      behind = drawn.css("rect").last
      assert_equal [ "#f7dfa6", true ], [ behind["fill"], behind.xpath("following-sibling::*").any? { |one| one.name == "text" } ]
      [ align, behind["x"].to_f ]
    end
    assert_equal places.keys, places.sort_by(&:last).map(&:first)
    left = Usher::Text::Faces.fetch("read").width("ebb ") * 40
    assert_in_delta left, places["left"], 0.1
    hebrew = Nokogiri::XML("<g>#{item('text', text: 'גאות ושפל', width: 900, size: 40, marks: [ { 'from' => 0, 'to' => 4, 'highlight' => '#f7dfa6' } ]).draw}</g>").css("rect").last
    assert_in_delta 900, hebrew["x"].to_f + hebrew["width"].to_f, 0.1
    assert_empty Nokogiri::XML("<g>#{item('text', text: 'ebb', marks: [ { 'from' => 0, 'to' => 3, 'highlight' => 'none' } ]).draw}</g>").css("rect").drop(1)
  end

  def test_a_tile_without_a_line_and_with_words_above_or_below
    drawn = ->(**more) { Nokogiri::XML("<g>#{item('tile', text: 'ebb', width: 200, height: 300, size: 40, **more).draw}</g>") }
    assert_equal [ nil, "200", "none" ], drawn.(border: "none", card: "none").at("rect").then { |rect| [ rect["stroke"], rect["width"], rect["fill"] ] }
    assert_equal "#b3411d", drawn.(border: "#b3411d").at("rect")["stroke"]
    heights = %w[top middle bottom].map { |vertical| drawn.(vertical: vertical).at("text")["y"].to_f }
    assert_equal heights.sort, heights
    assert_in_delta heights[0] + heights[2], 2 * heights[1], 0.1
    assert_equal item("tile", text: "ebb").to_h.keys, item("tile", text: "ebb", vertical: "middle", leading: 1.3, gap: 0).to_h.keys
  end

  def test_the_words_of_a_tile_stand_as_far_from_its_edge_as_is_said
    words = ->(**more) { Nokogiri::XML("<g>#{item('tile', text: 'ebb', align: 'left', vertical: 'top', width: 200, height: 10, size: 40, **more).draw}</g>").at("text").then { |text| [ text["x"].to_f, text["y"].to_f ] } }
    usual, close = words.call, words.(padding: [ 20, 2 ])
    assert_equal [ 14, 20, 12 ], [ usual[0], close[0], (usual[1] - close[1]).round(2) ]
    assert_in_delta 40 * 1.3 + 4, item("tile", text: "ebb", width: 200, height: 10, size: 40, padding: [ 20, 2 ]).to_h["height"], 0.01
    lines = ->(**more) { item("tile", text: "to and fro", width: 240, height: 10, size: 40, **more).lines.size }
    assert_operator lines.(padding: [ 60, 2 ]), :>, lines.call, "less room to write in"
    refute_includes item("tile", text: "ebb").to_h.keys, "padding"
    [ [ 1 ], [ -1, 2 ], "2" ].each { |padding| assert_invalid { item("tile", padding: padding) } }
  end

  def test_a_part_in_another_face_is_measured_and_drawn_in_it
    lines = ->(marks) { item("text", text: "The tide runs fast", size: 30, width: 300, marks: marks).lines.size }
    code = [ { "from" => 0, "to" => 18, "font" => "code" } ]
    assert_operator lines.(code), :>, lines.([]), "the letters of a typewriter need more room"
    assert_match(/<tspan font-family="Liberation Mono,[^>]*>tide</, item("text", text: "The tide", marks: [ { "from" => 4, "to" => 8, "font" => "code" } ]).draw)
    assert_invalid { item("text", text: "The tide", marks: [ { "from" => 4, "to" => 8, "font" => "harbour" } ]) }
  end

  def test_words_of_a_list_stand_behind_their_signs_as_far_as_is_said
    marker = ->(**more) { Nokogiri::XML("<g>#{item('text', width: 400, size: 20, lists: %w[bullets], text: 'ebb', **more).draw}</g>").css("text").map { |text| [ text["x"].to_f, text["text-anchor"] ] } }
    assert_equal [ [ 21, "end" ], [ 30, "start" ] ], marker.call
    assert_equal [ [ 0, "start" ], [ 40, "start" ] ], marker.(hang: 2), "at the edge, where a slide has it"
    assert_equal [ [ 0, "start" ], [ 14, "start" ] ], marker.(hang: 0.7)
    assert_equal [ [ 400, "end" ], [ 386, "start" ] ], marker.(hang: 0.7, text: "גאות")
    assert_invalid { item("text", hang: 0.1) }
  end

  def test_a_link_is_kept_when_it_is_safe
    assert_includes item("text", text: "tide table", width: 900, marks: [ { "from" => 0, "to" => 4, "link" => "https://gullpoint.example/" } ]).draw, 'href="https://gullpoint.example/" target="_blank" rel="noopener noreferrer"'
    %w[javascript:alert(1) data:text/html,x file:///etc/passwd //x ftp://x https:// gullpoint].each { |bad| assert_invalid { item("text", marks: [ { "from" => 0, "to" => 2, "link" => bad } ]) } }
  end

  def test_marks_are_cut_to_the_text_and_bad_ones_refused
    assert_equal [ { "from" => 0, "to" => 9, "bold" => true } ], item("text", text: "High tide", marks: [ { "from" => 0, "to" => 900, "bold" => true }, { "from" => 40, "to" => 50, "bold" => true }, { "from" => 1, "to" => 2 } ]).marks
    [ [ { "from" => -1, "to" => 2, "bold" => true } ], [ { "from" => 0 } ], [ { "from" => 0, "to" => 1, "wobble" => 1 } ], "x", [ { "from" => 0, "to" => 1, "bold" => true } ] * 401 ].each { |bad| assert_invalid { item("text", marks: bad) } }
  end

  def test_signs_of_a_list_look_as_their_entries_begin_or_have_a_colour_of_their_own
    looks = lambda do |text|
      Nokogiri::XML("<g>#{text.draw}</g>").css("text").select { |one| one.text.end_with?(".") }.map { |one| %w[fill font-weight font-style].map { |name| one[name] } }
    end
    marks = [ { "from" => 0, "to" => 3, "bold" => true, "colour" => "#aa3311" }, { "from" => 6, "to" => 9, "italic" => true } ]
    text = item("text", width: 400, text: "ebb\nflood\n", lists: %w[numbers numbers numbers], marks: marks)
    assert_equal [ [ "#aa3311", "700", nil ], [ nil, nil, nil ], [ nil, nil, nil ] ], looks.(text)
    blue = text.change("sign_colour" => "#1e6079")
    assert_equal [ "#1e6079" ] * 3, looks.(blue).map(&:first)
    assert_nil blue.change("colour" => "#3366aa").to_h["sign_colour"], "they follow another colour of the text"
    assert_equal "#1e6079", blue.change("size" => 40).to_h["sign_colour"]
    assert_raises(Usher::Invalid) { text.change("sign_colour" => "blue") }
    sizes = ->(one) { Nokogiri::XML("<g>#{one.draw}</g>").css("text").select { |sign| sign.text.end_with?(".") }.map { |sign| sign["font-size"] } }
    assert_equal [ nil ] * 3, sizes.(text)
    assert_equal [ (text.size * 0.5).to_i.to_s ] * 3, sizes.(text.change("sign_size" => 0.5)), "they may be smaller than their words"
    assert_raises(Usher::Invalid) { text.change("sign_size" => 5) }
  end

  def test_signs_of_a_list_may_have_a_face_of_their_own
    faces = ->(text) { Nokogiri::XML("<g>#{text.draw}</g>").css("text").select { |one| one.text == "•" }.map { |one| one["font-family"].to_s[/\A[^,]+/] } }
    text = item("text", width: 400, text: "ebb\nflood", lists: %w[bullets bullets], font: "slim")
    assert_equal [ nil, nil ], faces.(text), "as the text"
    plain = text.change("sign_font" => "plain")
    assert_equal [ "Liberation Sans" ] * 2, faces.(plain)
    assert_nil plain.change("font" => "book").to_h["sign_font"], "they follow another face of the text"
    assert_equal "plain", plain.change("size" => 40).to_h["sign_font"]
    assert_equal "code", text.change("font" => "book", "sign_font" => "code").to_h["sign_font"]
    assert_raises(Usher::Invalid) { text.change("sign_font" => "wobbly") }
  end

  def test_words_behind_a_tab_stand_at_its_stop
    places = ->(**more) { Nokogiri::XML("<g>#{item('text', text: "ebb\t06:10", size: 40, width: 800, **more).draw}</g>").css("text").map { |one| [ one.text, one["x"].to_f ] } }
    assert_equal [ [ "ebb", 0.0 ], [ "06:10", 80.0 ] ], places.(), "two ems on"
    assert_equal [ [ "ebb", 0.0 ], [ "06:10", 240.0 ] ], places.(tab: 6)
    wide = places.(align: "right")
    assert_in_delta 80, wide[1][1] - wide[0][1], 0.1
    assert_raises(Usher::Invalid) { item("text", tab: 0) }
  end

  def test_lists_have_markers_and_count_until_they_end
    text = item("text", text: "ebb\nflood\nslack\nspring", lists: %w[numbers numbers none bullets], width: 600)
    assert_equal [ "1.", "ebb", "2.", "flood", "slack", "•", "spring" ], words(text)
    assert_operator item("text", text: "a long entry that goes on and on", lists: %w[bullets], width: 200).lines.map(&:indent).uniq, :==, [ 1.5 ]
  end

  def test_right_to_left_text_keeps_its_order_and_begins_at_the_right
    text = item("text", text: "שלום עולם", width: 500)
    assert text.lines.first.rtl
    assert_includes text.draw, %(<text x="500" y="35.28" text-anchor="start" direction="rtl">שלום עולם</text>)
    assert_includes text.change("align" => "right").draw, %(x="0" y="35.28" text-anchor="end" direction="rtl")
  end

  def test_accents_stay_with_their_letters
    assert_equal "é", item("text", text: "e\u0301").text
    broken = item("text", text: "x\u0323" * 40, width: 90)
    broken.lines.each { |line| refute_match(/\A\p{M}/, broken.text[line.from...line.to]) }
  end

  def test_letters_that_the_face_lacks_are_measured_by_a_fallback_and_reach_the_pdf
    face = Usher::Text::Faces.fetch("read")
    refute face.covers?("ʃ")
    assert_operator face.width("ʃ"), :>, 0.2
    pdf = Usher::Formats::Pdf::Writer.write([ Usher::Page::Drawing.document(Usher::Page::Style::DEFAULTS, [ Usher::Page::Drawing.item(Usher::Page::Placed.new(item("text", text: "ʃip ⇒ שלום", width: 900), 1), 1) ]) ])
    text, = Open3.capture2("pdftotext", "-", "-", stdin_data: pdf, binmode: true)
    text = text.force_encoding("UTF-8")
    %w[ʃip ⇒ שלום].each { |word| assert_includes text, word }
    fonts, = Open3.capture2("pdffonts", "-", stdin_data: pdf, binmode: true)
    assert_includes fonts, "Andika"
  end

  def test_cards_grow_and_their_words_stand_in_the_middle
    tile = item("tile", height: 300, text: "2x")
    assert_in_delta 150, words_at(tile), 20
    assert_operator tile.change("text" => "tide " * 60).height, :>, 300
  end

  def test_a_callout_points_where_its_tail_is_pulled
    callout = item("callout")
    assert_equal [ [ 500, 90 ] ], callout.change(callout.bent(0, [ 500, 90 ])).knots.map { |place| place.map(&:round) }
    refute_match(/NaN/, item("callout", width: 0, height: 0).draw)
  end

  def test_a_formula_is_set_sized_and_edited_again
    formula = item("formula", source: "1/2", size: 100)
    assert_operator formula.height, :>, formula.width
    assert_operator formula.change("source" => "1/2 + sqrt(3)").width, :>, formula.width * 2
    assert_equal 2, (formula.change(formula.scaled(2, 2)).width / formula.width).round
    refute_match(/style=|currentColor|data-/, formula.draw)
    [ "", "(1", "x" * 500 ].each { |bad| assert_invalid { item("formula", source: bad) } }
  end

  def test_lines_may_reach_both_edges
    words = "At ebb the boats lie on the sand beside the old lighthouse\nand wait"
    item = ->(**more) { Usher::Items.build("kind" => "text", "id" => "t", "x" => 0, "y" => 0, "width" => 400, "text" => words, "align" => "both", **more.transform_keys(&:to_s)) }
    text = item.()
    first, *middle, last = text.lines
    ends = [ text.lines[-2], last ]
    assert_equal [ 0, 0 ], ends.map { |line| text.spread(line) }, "the last line of a paragraph stays as it is"
    spaces = words[first.from...first.to].count(" ")
    natural = Usher::Text::Faces.fetch("read").width(words[first.from...first.to]) * text.size
    assert_in_delta 400, natural + spaces * text.spread(first), 0.1
    assert_operator middle.size, :>=, 1
    moved = Nokogiri::XML("<g>#{text.draw}</g>").at("text").css("tspan").map { |piece| piece["dx"].to_f }
    assert_equal [ text.spread(first).round(2) ] * spaces, moved
    assert_equal 0, item.(align: "left").then { |left| left.spread(left.lines.first) }
    assert_equal [ 400, true ], [ item.(room: 400, width: 1).width, item.(room: 400, width: 1, text: "Ebb").width < 100 ], "as broad as its room, where it has lines that reach so far"
    hebrew = item.(text: "שלום " * 30)
    assert_equal 0, hebrew.spread(hebrew.lines.first)
    assert_equal 0, item.(text: "Lighthousekeepersdaughter " * 3, width: 120).then { |one| one.spread(one.lines.first) }, "where there is no space"
  end

  def test_what_is_behind_and_before_words_goes_with_them_to_the_edges
    words = "At ebb the boats lie on the sand beside the old lighthouse"
    text = Usher::Items.build("kind" => "text", "id" => "t", "x" => 0, "y" => 0, "width" => 400, "text" => words, "align" => "both", "marks" => [ { "from" => 0, "to" => words.index("lie"), "highlight" => "#e0a83a" } ])
    line = text.lines.first
    behind = Nokogiri::XML("<g>#{text.draw}</g>").css("rect").map { |rect| [ rect["x"].to_f, rect["width"].to_f ] }.drop(1).first
    assert_in_delta [ words[line.from...line.to], words[0...words.index("lie")] ].min_by(&:length).then { |part| Usher::Text::Faces.fetch("read").width(part) * text.size + part.count(" ") * text.spread(line) }, behind[1], 0.5
  end

  private

  def words_at(item) = Nokogiri::XML("<g>#{item.draw}</g>").at_css("text")["y"].to_f
end
