require "core_test"

class HtmlTest < CoreTest
  def read(html) = Usher::Formats::Html::Reader.read(html)

  def marked(html)
    read(html).then { |found| found["marks"].map { |mark| [ found["text"][mark["from"]...mark["to"]], mark.except("from", "to") ] } }
  end

  def test_paragraphs_and_breaks_become_lines_and_space_between_words_is_one
    assert_equal "High\nwater\ncomes", read("<p>High<br>water</p>\n\n<p>  comes </p>")["text"]
    assert_equal "ebb and flood", read("<span>ebb</span>\n   and <i></i>flood")["text"]
    assert_equal "a\nb\nc", read("<div><div>a</div><div><p>b</p></div></div>c")["text"]
  end

  def test_what_is_under_through_and_behind_words_comes_too
    assert_equal [ [ "ebb", { "underline" => true } ], [ "flood", { "strike" => true } ], [ "slack", { "highlight" => "#f7dfa6" } ], [ "neap", { "underline" => true, "strike" => true } ] ],
      marked('<u>ebb</u> <del>flood</del> <mark>slack</mark> <span style="text-decoration: underline line-through">neap</span>')
  end

  def test_what_stands_above_and_below_the_line_comes_too
    assert_equal [ [ "2", { "shift" => "super" } ], [ "n", { "shift" => "sub" } ], [ "st", { "shift" => "super" } ] ], marked('m<sup>2</sup> a<sub>n</sub> 1<span style="vertical-align: Super">st</span>')
  end

  def test_bold_and_italic_come_from_elements_and_from_their_style
    assert_equal [ [ "ebb", { "bold" => true } ], [ "flood", { "italic" => true } ] ], marked("<b>ebb</b> <em>flood</em>")
    assert_equal [ [ "ebb", { "bold" => true } ] ], marked('<span style="font-weight:700">ebb</span> tide')
    assert_equal [], marked('<b style="font-weight:normal">as some programs wrap everything</b>')
    assert_equal [ [ "both", { "bold" => true, "italic" => true } ] ], marked("<b><i>both</i></b>")
  end

  def test_neighbours_that_look_alike_are_one_part
    assert_equal [ [ "ebb tide", { "bold" => true } ] ], marked("<b>ebb</b><b> tide</b>")
  end

  # As word processors copy a list.
  def test_paragraphs_that_are_written_as_entries_are_those
    entry = ->(sign, words) { %(<p class=x style='margin-left:36pt'><![if !lists]><span style='font-family:Symbol'>#{sign}<span style='font:7pt x'>&nbsp;&nbsp;&nbsp; </span></span><![endif]>#{words}</p>) }
    found = read(entry.("·", "the <b>ebb</b>") + entry.("o", "the flood") + "<p>then</p>" + entry.("1.", "rope") + entry.("2.", "sail") + entry.("c)", "keel"))
    assert_equal [ "the ebb\nthe flood\nthen\nrope\nsail\nkeel", %w[bullets bullets none numbers numbers letters:3] ], found.values_at("text", "lists")
    assert_equal [ 4, 7 ], found["marks"].first.values_at("from", "to")
    assert_equal [ "numbers:7", "numbers", "none", "numbers:9" ], read(entry.("7.", "a") + entry.("8.", "b") + "<p>c</p>" + entry.("9.", "d"))["lists"]
    plain = read("<p>1. rope</p><p>o&nbsp;sail</p><p>- keel</p>")
    assert_equal [ "1. rope\no sail\n- keel", %w[none none none] ], plain.values_at("text", "lists"), "not what somebody wrote so"
  end

  def test_lists_keep_their_kind_and_end
    { 'type="a"' => "letters", 'type="A"' => "capitals", 'type="i"' => "romans", 'type="I"' => "large_romans", 'start="4"' => "numbers:4", 'type="a" start="2"' => "letters:2", 'start="-1"' => "numbers", 'start="1e9"' => "numbers" }.each do |look, kind|
      assert_equal [ kind ], read("<ol #{look}><li>one</li></ol>")["lists"], look
    end
    found = read("<ol><li>one</li><li>two</li></ol><p>then</p><ul><li>three</li></ul>")
    assert_equal [ "one\ntwo\nthen\nthree", %w[numbers numbers none bullets] ], found.values_at("text", "lists")
  end

  def test_tables_become_lines_with_tabs
    assert_equal "high\t11:30\nlow\t17:40", read("<table><tr><td>high</td><td>11:30</td></tr><tr><td>low</td><td>17:40</td></tr></table>")["text"]
  end

  def test_nothing_that_runs_loads_or_hides_gets_in
    html = "<style>p{}</style><script>alert(1)</script><iframe src=x></iframe><svg><text>s</text></svg><p onclick=x>tide<!-- c --></p><input value=v><template>t</template>"
    assert_equal "tide", read(html)["text"]
    assert_equal [], marked('<a href="javascript:alert(1)">words stay</a>')
  end

  def test_what_is_none_or_too_much_is_refused
    [ "", "<p></p>", "<script>x</script>", nil, 5, "x" * 500_001, "x" * 200_001 ].each { |bad| assert_invalid { read(bad) } }
    assert_equal "deep", read("#{'<div>' * 150}deep")["text"]
    assert_operator read("<b>a</b> <i>b</i> " * 900)["marks"].size, :<=, 400
    assert_equal 6_000, read("<b>a</b> <i>b</i> " * 3_000)["marks"].size, "what goes on over pages keeps all of them"
  end

  def test_what_was_read_is_acceptable_as_a_text
    found = read("<h1>Tide 🌊 table</h1><ul><li><a href='https://gullpoint.example'>to <b>day</b></a></li></ul>")
    text = item("text", **found.transform_keys(&:to_sym), width: 800)
    assert_equal found, text.to_h.slice("text", "marks", "lists")
  end
end
