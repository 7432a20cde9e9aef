require "test_helper"

# A lesson as it is held, over its addresses: cues, class tools, lanes, eyes, the teacher's own view, the end.
class TeachingTest < ActionDispatch::IntegrationTest
  include World::Doors

  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page, @second = @lesson.pages.to_a
    @sitting = sit(@lesson)
    sign_in @owner
  end

  test "doors that are shut take no hash for a page or a sitting" do
    [ "page[0][x]=4", "sitting[a]=1", "page[]=1&sitting[]=2" ].each do |wrong|
      delete "/lessons/#{@lesson.id}/sitting?#{wrong}", headers: { "HX-Request" => "true" }
      assert_includes [ 200, 404, 422 ], response.status, wrong
      get "/lessons/#{@lesson.id}/sitting?#{wrong}", headers: { "HX-Request" => "true" }
      assert_includes [ 200, 404, 422 ], response.status, wrong
    end
  end

  test "Next and Back answer with what comes next; an ended class has none" do
    @page.perform({ "verb" => "cue", "put" => { "id" => "c1", "verb" => "start", "tool" => "dice" } }, id: fresh, by: @owner)
    json = { "Accept" => "application/json" }
    post sitting_cues_path(@sitting), params: { id: fresh }, headers: json
    assert_equal [ nil, true ], [ answer.dig("prompt", "next"), answer.dig("prompt", "cues", 0, "run") ]
    delete sitting_cues_path(@sitting), headers: json
    assert_equal "c1", answer.dig("prompt", "next", "id")
    post sitting_cues_path(@sitting), params: { id: "no good" }, headers: json
    assert_response :unprocessable_entity
    @sitting.reload.finish("kept", by: @owner)
    post sitting_cues_path(@sitting), params: { id: fresh }, headers: json
    assert_response :unprocessable_entity
    assert_match(/not held any more/, answer["error"])
  end

  test "the page says its prompt to a board in Teach and none to one in Prepare" do
    get page_path(@page, sitting: @sitting.id), as: :json
    assert_equal @page.id, answer.dig("prompt", "page")
    get page_path(@page), as: :json
    assert_nil answer["prompt"]
  end

  test "the prompt book offers what fits, tells what is broken, and tries" do
    lay(@page, { "kind" => "cover", "id" => "lid", "x" => 90, "y" => 90, "width" => 340, "height" => 240 })
    @page.perform({ "verb" => "cue", "put" => { "id" => "c1", "verb" => "lift", "item" => "lid" } }, id: fresh, by: @owner)
    get page_cues_path(@page, ids: [ "lid" ])
    assert_select "[data-cue-row]", 1
    assert_select ".cue-verbs button", /Put back/
    get page_cue_path(@page, "c1"), as: :json
    assert_includes answer["put"].map { |item| item["id"] }, "lid"
    @page.perform({ "verb" => "remove", "ids" => [ "lid" ] }, id: fresh, by: @owner)
    get page_cues_path(@page)
    assert_select ".cue-broken"
    get page_cue_path(@page, "c1"), as: :json
    assert_response :unprocessable_entity
  end

  test "every class tool is asked for, put up, made small, shown on devices and put away" do
    Usher::Classroom::Tools.registry.names.each do |kind|
      get new_sitting_class_tool_path(@sitting, kind: kind)
      assert_select "form [name=kind][value=#{kind}]", 1
      post sitting_class_tools_path(@sitting), params: { kind: kind, names: "Wren\nPip\nFern", number: 2, count: 3 }
      assert_response :success, kind
      tool = @sitting.class_tools.standing.last
      assert_select "#tool-#{tool.id}"
      tool.tool.class.actions.grep_v(/rename|paint|leave|more|count|add/).each do |act|
        patch class_tool_path(tool), params: { do: act, step: 2 }
        assert_response :success, "#{kind} #{act}"
      end
      patch class_tool_path(tool), params: { small: true, shown: true }
      assert_select "#tool-#{tool.id}.is-small"
      delete class_tool_path(tool)
      assert_select "#tool-#{tool.id}", 0
    end
  end

  test "a class tool that cannot be is refused in a sentence, and nothing is put up" do
    htmx = { "HX-Request" => "true" }
    { { kind: "countdown", seconds: 0 } => /1 second/, { kind: "countdown", minutes: 400 * 60 } => /24 hours/, { kind: "draw", from: "names", names: "" } => /Type the names/, { kind: "draw", names: "Wren" } => /at least two/,
      { kind: "teams", names: "Wren\nPip", number: 30 } => /larger than the class/, { kind: "teams", names: "Wren\nPip\nFern", by: "count", number: 2, apart: "Wren, Pip, Fern" } => /kept apart/, { kind: "dice", faces: "a\n\nb" } => /Face 2/,
      { kind: "scores", names: "A team that is called by a whole sentence" } => /1 to 30/, { kind: "bell" } => /class tool/, { kind: [ "dice" ] } => /class tool/ }.each do |given, words|
      post sitting_class_tools_path(@sitting), params: given, headers: htmx
      assert_response :unprocessable_entity
      assert_match words, response.body
    end
    assert_empty @sitting.class_tools
    tool = ClassTool.put_up(@sitting, "dice", {})
    patch class_tool_path(tool), params: { do: "explode" }, headers: htmx
    assert_response :unprocessable_entity
    (ClassTool::MOST - 1).times { ClassTool.put_up(@sitting, "stopwatch", {}) }
    post sitting_class_tools_path(@sitting), params: { kind: "dice" }, headers: htmx
    assert_match(/Put one away/, response.body)
  end

  test "devices see only what the teacher shows, and not before it rests" do
    tool = ClassTool.put_up(@sitting, "draw", { "names" => "Wren\nPip", "secret" => "1" })
    student = open_session
    student.extend(World::Doors)
    student.come_in(@sitting)
    student.get seat_tools_path
    assert_no_match(/plaque/, student.response.body)
    tool.place({ shown: true })
    tool.act("draw")
    student.get seat_tools_path
    assert_no_match(/Wren|Pip/, student.response.body)
    travel 3.seconds do
      student.get seat_tools_path
      assert_match(/Wren|Pip/, student.response.body)
      assert_no_match(/hx-patch|seed/, student.response.body)
    end
  end

  test "dice with pictures of the store room, and nobody else's; a device sees them once they are shown there" do
    picture, foreign = picture_of(@owner), picture_of(teacher("Other"))
    post sitting_class_tools_path(@sitting), params: { kind: "dice", pictures: [ foreign.id, picture.id ] }, headers: { "HX-Request" => "true" }
    assert_response :unprocessable_entity
    post sitting_class_tools_path(@sitting), params: { kind: "dice", faces: "tide", pictures: [ picture.id ] }
    assert_response :success
    student = open_session
    student.extend(World::Doors)
    student.come_in(@sitting)
    student.get picture_path(picture)
    assert_equal 404, student.response.status
    @sitting.class_tools.last.place({ shown: true })
    student.get picture_path(picture)
    assert_equal 200, student.response.status
  end

  test "a card is turned over on one device alone, and not where it is covered" do
    lay(@page, { "kind" => "flash_card", "id" => "card", "x" => 100, "y" => 100, "width" => 420, "height" => 280, "faces" => [ { "text" => "ebb" }, { "text" => "goes out" } ] })
    student = open_session
    student.extend(World::Doors)
    student.come_in(@sitting)
    student.get seat_page_path
    assert_no_match(/goes out/, student.response.body)
    student.post seat_roll_path, params: { item: "card" }
    assert_match(/goes out|card/, student.response.parsed_body["svg"])
    student.post seat_roll_path, params: { item: "card", turned: "true" }
    assert_match(/ebb/, student.response.parsed_body["svg"])
    assert_equal 0, @page.items.find_by(key: "card").data["top"].to_i
    lay(@page, { "kind" => "cover", "id" => "lid", "x" => 90, "y" => 90, "width" => 60, "height" => 60 })
    [ { item: "card" }, { item: "nobody" }, {} ].each do |given|
      student.post seat_roll_path, params: given
      assert_equal 404, student.response.status
    end
  end

  test "lanes are laid on an empty page, and what was written becomes a page each" do
    post sitting_class_tools_path(@sitting), params: { kind: "lanes", count: 3, questions: "3/4 of 24", names: "Wren\nPip\nFern", empty: "1" }
    lanes = @sitting.reload.page
    assert_equal [ 3, 2 ], [ @lesson.reload.pages.size, lanes.number ]
    stroke = { "kind" => "ink", "id" => "ink", "points" => [ [ 700, 300, nil, 0 ], [ 800, 340, nil, 30 ] ] }
    lay(lanes, stroke, layer: @sitting.layer)
    post class_tool_pages_path(@sitting.class_tools.standing.last)
    assert_response :success
    made = @lesson.reload.pages.to_a[2, 3]
    assert_equal [ %w[text text], %w[ink text text], %w[text text] ], made.map { |page| page.items.pluck(:kind).sort }
    assert_match(/Pip/, made[1].items.pluck(:words).join)
    assert_empty @sitting.class_tools.standing
  end

  test "eyes here is told to the wall and to devices, also to one that comes later" do
    mark = @sitting.device_feed.mark[:n]
    post sitting_eyes_path(@sitting)
    assert_equal [ true ], @sitting.device_feed.since(Live::Feed::FROM, mark).map { |frame| JSON.parse(frame)["eyes"] }
    student = open_session
    student.extend(World::Doors)
    student.come_in(@sitting)
    student.get seat_path
    assert_no_match(/id="eyes" hidden/, student.response.body)
    delete sitting_eyes_path(@sitting)
    student.get seat_path
    assert_match(/id="eyes" hidden/, student.response.body)
  end

  test "the teacher's own view: page, cues, time, class, the open poll with who is missing" do
    seat(@sitting, "Wren")
    Poll.ask(@sitting, "letters", { "count" => 3 }).take_answer(seat(@sitting, "Pip"), "B")
    get sitting_prompter_path(@sitting)
    assert_select ".prompter-next"
    get sitting_prompter_path(@sitting), headers: { "HX-Request" => "true" }
    assert_match(/In time|late/, response.body)
    get lesson_roll_path(@lesson, poll: 1, sitting: @sitting.id)
    assert_match(/Not yet: Wren/, response.body)
    @sitting.finish("kept", by: @owner)
    get sitting_prompter_path(@sitting)
    assert_redirected_to sitting_path(@sitting)
  end

  test "the end is one question; what is kept is listed, compared, printed, shared, gone on with and deleted" do
    lay(@page, note("b"), layer: @sitting.layer)
    get new_sitting_ending_path(@sitting)
    assert_select "input[name=ending]", 3
    post sitting_ending_path(@sitting), params: { ending: "kept", title: "6 Kittiwake" }
    assert_equal lesson_path(@lesson, page: @page.id), answer["at"]
    get lesson_held_index_path(@lesson)
    assert_select "h3", "6 Kittiwake"
    other = Sitting.teach(@lesson.reload, @page)
    lay(@second, note("c"), layer: other.layer)
    other.finish("kept", by: @owner, title: "6 Tern")
    get sitting_path(@sitting, beside: other.id)
    assert_select ".held-page", 2
    get sitting_page_thumbnail_path(@sitting, @page)
    assert_equal "image/png", response.media_type
    get sitting_print_path(@sitting)
    assert_equal "%PDF", response.body[0, 4]
    post sitting_share_path(@sitting)
    get shared_pdf_path(@sitting.shares.standing.first.token)
    assert_response :success
    delete sitting_share_path(@sitting)
    assert_empty @sitting.shares.standing
    post sitting_return_path(@sitting)
    assert_redirected_to lesson_teach_path(@lesson, sitting: @sitting.id)
    follow_redirect!
    assert_match(/"sitting":#{@sitting.id}/, CGI.unescapeHTML(response.body))
    delete sitting_path(@sitting)
    assert Sitting.exists?(@sitting.id), "not while it is taught"
    delete sitting_path(other)
    assert_not Sitting.exists?(other.id)
  end

  test "another class begins beside the one that goes on" do
    post lesson_held_index_path(@lesson), params: { title: "6 Tern" }
    other = @lesson.sittings.current.find_by(beside: true)
    assert_redirected_to lesson_teach_path(@lesson, sitting: other.id)
    get lesson_roll_path(@lesson, sitting: other.id)
    assert_empty response.body
    post lesson_sitting_path(@lesson, sitting: other.id)
    assert other.reload.open?
    assert_not_equal @sitting.reload.code, other.code
    foreign = sit(lesson(teacher("Other")))
    post lesson_sitting_path(@lesson, sitting: foreign.id)
    assert_response :not_found
  end
end
