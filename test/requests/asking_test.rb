require "test_helper"

# What the board asks the core while something is being typed or filled in.
class AskingTest < ActionDispatch::IntegrationTest
  setup { sign_in(@owner = teacher) }

  test "line breaks are those of the drawing" do
    text = "The keeper watched the tide come in over the causeway and lit the lamp\nshalom שלום"
    ask line_breaks_path, kind: "text", text: text, size: 40, width: 500, lists: %w[bullets]
    lines = answer["lines"].map { |from, to| text[from...to] }
    drawn = Nokogiri::XML(Usher::Items.build("kind" => "text", "id" => "t", "x" => 0, "y" => 0, "width" => 500, "text" => text, "size" => 40, "lists" => %w[bullets]).draw.then { |svg| "<g>#{svg}</g>" }).css("text").map(&:text) - [ "•" ]
    assert_operator lines.size, :>, 2
    assert_equal lines, drawn
    assert_equal "•", answer["lines"].first[2]
    [ { kind: "ink", points: [ [ 1, 1 ] ] }, { kind: "text", text: "a" * 20_000, width: 9 }, { kind: "ship" }, { kind: "text", text: 5, width: 100 } ].each do |bad|
      ask line_breaks_path, **bad
      assert_response :unprocessable_entity
      assert answer["error"].present?
    end
  end

  test "rich text keeps bold, lists and links and nothing that runs" do
    ask rich_text_path, html: '<h2>Tides</h2><ul><li>ebb</li><li><b>flood</b> <a href="https://gullpoint.example/t">table</a></li></ul><script>alert(1)</script><p onclick="x()">slack <a href="javascript:alert(2)">water</a><img src=x onerror=alert(3)></p>'
    assert_equal "Tides\nebb\nflood table\nslack water", answer["text"]
    assert_equal %w[none bullets bullets none], answer["lists"]
    marked = answer["marks"].map { |mark| [ answer["text"][mark["from"]...mark["to"]], mark.except("from", "to") ] }
    assert_equal [ [ "Tides", { "bold" => true } ], [ "flood", { "bold" => true } ], [ "table", { "link" => "https://gullpoint.example/t" } ] ], marked
    [ "", "<p> </p>", "x" * 600_000, nil ].each do |bad|
      ask rich_text_path, html: bad
      assert_response :unprocessable_entity
    end
  end

  test "tiles, formulas and symbols answer with how they look, or why not" do
    ask tiles_path, list: "2x, 3y, 5", layout: "grid"
    assert_equal %w[2x 3y 5], answer["items"].pluck("text")
    assert_equal 3, answer["look"].scan('data-kind="tile"').size
    ask tiles_path, list: " , ,\n"
    assert_match(/commas/, answer["error"])
    ask tiles_path, list: (1..60).to_a.join(","), size: [ 1131, 1600 ]
    assert_operator answer["items"].map { |tile| tile["x"] + tile["width"] }.max, :<=, 1131
    [ [ 0, 900 ], [ 1600 ], "large", [ 1e9, 1e9 ] ].each do |size|
      ask tiles_path, list: "2x", size: size
      assert_match(/The size of the page/, answer["error"])
    end

    ask formula_path, source: "1/2 + sqrt(3)"
    assert_includes answer["look"], "<path"
    ask formula_path, source: "(1/2"
    assert_match(/bracket/, answer["error"])
    ask formula_path, source: ""
    assert_response :unprocessable_entity

    get symbols_path, params: { q: "less than or" }
    assert_includes response.body, "≤"
    get symbols_path, params: { q: "lighthouse" }
    assert_includes response.body, "No symbol has this name"
  end

  test "what is not JSON, or too much of it, is refused" do
    { "nonsense" => 422, "[1]" => 422, "{\"html\":\"#{'a' * 730_000}\"}" => 422, "{\"html\":\"#{'a' * 800_000}\"}" => 413 }.each do |body, code|
      post rich_text_path, params: body, headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
      assert_response code
      assert response.parsed_body["error"].present?
    end
  end

  test "preferences are kept one by one; what is none changes nothing" do
    set colours: %w[#123456], palm: { on: false, size: 90 }
    set hands: false
    assert_equal [ %w[#123456], 90, false, true ], @owner.reload.preferences.then { |kept| [ kept["colours"], kept["palm"]["size"], kept["hands"], kept["lively"] ] }
    [ { colours: %w[red] }, { palm: { on: true } }, { palm: { on: true, size: 1 } }, { wobble: 1 }, {}, { keyboard: { opens: true, layout: "klingon" } } ].each do |bad|
      set(**bad)
      assert_response :unprocessable_entity
    end
    assert_equal %w[#123456], @owner.reload.preferences["colours"]
  end

  test "a page and a lesson are kept as starting points and started from, activities and all" do
    mine = lesson(@owner, pages: 2)
    page = mine.pages.first
    lay(page, note("n"), { "kind" => "ink", "id" => "s", "points" => [ [ 5, 5 ], [ 60, 9 ] ] })
    card_on(page, activity(mine))
    post starting_points_path, params: { page_id: page.id, title: "Corner" }, as: :json
    post starting_points_path, params: { page_id: page.id, title: "Bare corner", ink: "0" }, as: :json
    post starting_points_path, params: { lesson_id: mine.id, title: "Tides again" }, as: :json
    post starting_points_path, params: { page_id: page.id, title: " " }, as: :json
    assert_response :unprocessable_entity

    get root_path
    assert_select ".lesson-card", 1
    get starting_points_path
    assert_equal 3, response.body.scan("data-kept>").size
    corner, bare, whole = @owner.lessons.starting_points.order(:id)
    assert_equal [ 3, 2, 2 ], [ corner.pages.first.items.size, bare.pages.first.items.size, whole.pages.size ]

    other = lesson(@owner)
    post lesson_pages_path(other), params: { page: other.pages.first.id, start: corner.id }, as: :json
    fresh_page = other.reload.pages.last
    assert_equal %w[activity ink note], fresh_page.items.map(&:kind).sort
    assert_equal [ other.id ], fresh_page.items.filter_map(&:activity).map(&:lesson_id)

    post lessons_path, params: { start: whole.id }
    assert_equal 2, @owner.lessons.on_desk.order(:id).last.pages.size
    delete starting_point_path(corner), as: :json
    assert_equal 2, @owner.lessons.kept.starting_points.count
  end

  test "a new page begins on a paper or in a layout" do
    mine = lesson(@owner)
    make = ->(**how) { post(lesson_pages_path(mine), params: { page: mine.pages.first.id, **how }, as: :json).then { answer } }
    assert_equal "staves", Page.find(make.(paper: "staves")["page"]).paper
    Usher::Page::Layouts.names.each { |layout| assert_predicate Page.find(make.(layout: layout)["page"]).items.count, :positive?, layout }
    [ { paper: "leather" }, { layout: "../title" }, { paper: "picture" } ].each { |bad| assert make.(**bad)["error"].present?, bad.inspect }
    assert_equal 2 + Usher::Page::Layouts.names.size, mine.reload.pages.count
  end

  test "words of a text are proposed to be left out" do
    text = "At ebb the water falls and leaves the harbour. Twice a day it rises again."
    ask gaps_path, text: text
    from, usual = response.parsed_body.values_at("from", "usual")
    assert_equal %w[harbour water], from.map { |at| text[at..][/\w+/] }.sort & %w[at harbour the water]
    assert_equal 1, usual
    [ { text: 3 }, {}, { text: "x" * 30_000 } ].each do |bad|
      ask gaps_path, **bad
      assert_response :unprocessable_entity
    end
  end

  private

  def ask(path, **values) = post(path, params: values, as: :json)
  def set(**values) = patch(preferences_path, params: values, as: :json)
end
