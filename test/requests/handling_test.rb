require "test_helper"

# What the board asks for when things are handled, with what does not fit too.
class HandlingRequestsTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page, @second = @lesson.pages.to_a
    sign_in @owner
  end

  test "what is covered, or for the room alone, is in nothing a student gets; uncovering sends it" do
    lay(@page, note("answer", text: "Six hours", x: 300, y: 200), note("mine", text: "Ask Rowan", x: 900, audience: "room"), note("theirs", text: "Write it down", x: 900, y: 500, audience: "devices"),
      { "kind" => "text", "id" => "line", "x" => 100, "y" => 700, "width" => 1300, "height" => 0, "size" => 40, "text" => "Dry for six hours a day" },
      { "kind" => "cover", "id" => "patch", "x" => 280, "y" => 180, "width" => 360, "height" => 260 }, { "kind" => "cover", "id" => "word", "x" => 240, "y" => 690, "width" => 200, "height" => 90 })
    sitting = sit(@lesson)
    mark = @lesson.sitting.device_feed.mark[:n]
    come_in(sitting)
    get seat_path
    [ "Six hours", "Ask Rowan", "six", "hours" ].each { |words| assert_not_includes response.body, words }
    assert_includes response.body, "Write it down"
    get seat_page_path
    [ "Six hours", "Ask Rowan", "six" ].each { |words| assert_not_includes response.body, words }
    pdf = LessonPrint.new(@lesson).pdf
    text, = Open3.capture2("pdftotext", "-", "-", stdin_data: pdf, binmode: true)
    assert_no_match(/Six hours|Ask Rowan|six/, text)
    sign_in @owner
    operate(@page, { "verb" => "change", "changes" => [ { "id" => "patch", "set" => { "off" => true } } ] })
    operate(@page, { "verb" => "change", "changes" => [ { "id" => "word", "set" => { "off" => true } } ] })
    frames = @lesson.sitting.device_feed.since(Live::Feed::FROM, mark).join
    assert_includes frames, "Six hours"
    assert_includes frames, "six"
    assert_not_includes frames, "Ask Rowan"
    operate(@page, { "verb" => "change", "changes" => [ { "id" => "patch", "set" => { "off" => false } } ] })
    gone = JSON.parse(@lesson.sitting.device_feed.since(Live::Feed::FROM, mark).last)["patch"]["gone"]
    assert_equal [ "answer" ], gone
  end

  test "a picture, a file or an activity behind a cover cannot be fetched by a student either" do
    asset = @owner.assets.take_in(upload("The tide turns at noon.", "tide.txt"))
    lay(@page, note("file", x: 300, y: 200, link: { "to" => "file", "asset" => asset.id, "name" => "tide.txt" }), { "kind" => "cover", "id" => "patch", "x" => 280, "y" => 180, "width" => 360, "height" => 260 })
    come_in(sit(@lesson))
    delete session_path
    get stored_file_path(asset)
    assert_response :not_found
    @page.perform({ "verb" => "remove", "ids" => [ "patch" ] }, id: fresh, by: @owner)
    get stored_file_path(asset)
    assert_response :success
    assert_match(/attachment/, response.headers["Content-Disposition"])
    assert_equal "default-src 'none'; sandbox", response.headers["Content-Security-Policy"]
  end

  test "a link may only open what is the teacher's own, and no unsafe address" do
    stranger = teacher("Ivo")
    theirs = stranger.assets.take_in(upload("Mine", "mine.txt"))
    foreign = activity(lesson(stranger))
    [ { "to" => "file", "asset" => theirs.id, "name" => "mine.txt" }, { "to" => "activity", "activity" => foreign.id } ].each do |link|
      assert_match(/store room/, operate(@page, { "verb" => "put", "items" => [ note("n", link: link) ] }).dig("refused", "error"))
    end
    [ "javascript:alert(1)", "data:text/html,hi", "http://", "not an address", "file:///etc/passwd" ].each do |address|
      assert operate(@page, { "verb" => "put", "items" => [ note("n", link: { "to" => "address", "address" => address }) ] })["refused"], address
    end
    assert_empty @page.items
  end

  test "a clipping is kept once and pasted once, also in another lesson; somebody else's is not there" do
    lay(@page, note("a", groups: [ "g" ]), note("b", x: 600, groups: [ "g" ], link: { "to" => "page", "page" => @second.id }))
    key, id = fresh, fresh
    2.times { post page_clippings_path(@page), params: { id: key, ids: %w[a b] }, as: :json }
    assert_equal 1, @owner.clippings.count
    @page.perform({ "verb" => "remove", "ids" => %w[a b] }, id: fresh, by: @owner)
    2.times { post page_pastes_path(@second), params: { id: id, clipping: key, by: [ 30, 30 ] }, as: :json }
    pasted = @second.items.reload
    assert_equal [ 130, 630 ], pasted.map { |item| item.data["x"] }
    assert_equal 1, pasted.map { |item| item.data["groups"] }.uniq.size
    assert_not_equal [ "g" ], pasted.first.data["groups"]
    assert_equal @second.id, pasted.last.data["link"]["page"]
    other = lesson(@owner).pages.first
    post page_pastes_path(other), params: { id: fresh, clipping: key }, as: :json
    assert_nil other.items.reload.last.data["link"], "a page of another lesson is not opened from here"
    post page_clippings_path(@page), params: { id: fresh, ids: %w[zz] }, as: :json
    assert_match(/nothing left to copy/, answer["error"])
    sign_in(ivo = teacher("Ivo"))
    post page_pastes_path(lesson(ivo).pages.first), params: { id: fresh, clipping: key }, as: :json
    assert_match(/no longer kept/, answer["error"])
  end

  test "pages go to a lesson of one's own and to no other" do
    mine, theirs = lesson(@owner), lesson(teacher("Ivo"))
    post lesson_arrivals_path(theirs), params: { pages: [ @page.id ], move: true }, as: :json
    assert_response :not_found
    post lesson_arrivals_path(mine), params: { pages: [ theirs.pages.first.id ] }, as: :json
    assert_match(/one lesson of yours/, answer["error"])
    post lesson_arrivals_path(mine), params: { pages: [ @page.id, @second.id ], move: true }, as: :json
    assert_match(/at least one page/, answer["error"])
    assert_equal [ 1, 2 ], [ mine.pages.reload.size, @lesson.pages.reload.size ], "nothing was changed"
    post lesson_arrivals_path(mine), params: { pages: [ @second.id ], move: true }, as: :json
    assert_equal [ 2, 1 ], [ mine.pages.reload.size, @lesson.pages.reload.size ]
    post lesson_arrivals_path(mine), params: { pages: [ mine.pages.first.id ] }, as: :json
    assert_match(/in that lesson already/, answer["error"])
    post lesson_arrivals_path(mine), params: { pages: [] }, as: :json
    assert_response :unprocessable_entity
  end

  test "links between pages that travel together still lead to each other" do
    lay(@page, note("n", link: { "to" => "page", "page" => @second.id }))
    copy = @lesson.duplicate
    assert_equal copy.pages.second.id, copy.pages.first.items.first.data["link"]["page"]
    alone = lesson(@owner)
    post lesson_arrivals_path(alone), params: { pages: [ @page.id ] }, as: :json
    assert_nil alone.pages.last.items.first.data["link"]
  end

  test "several pages at once: order, delete and refuse" do
    third = @lesson.add_page
    patch lesson_running_order_path(@lesson), params: { pages: [ @second.id, third.id ], number: 1 }, as: :json
    assert_equal [ @second.id, third.id, @page.id ], @lesson.pages.reload.map(&:id)
    patch lesson_running_order_path(@lesson), params: { pages: [ @page.id ], number: "first" }, as: :json
    assert_match(/which place/, answer["error"])
    delete lesson_pages_path(@lesson), params: { pages: @lesson.pages.map(&:id) }, as: :json
    assert_match(/at least one/, answer["error"])
    delete lesson_pages_path(@lesson), params: { pages: [ third.id, @page.id ] }, as: :json
    assert_response :no_content
    assert_equal [ @second.id ], @lesson.pages.reload.map(&:id)
  end

  test "guides: edges, the page's middle and equal gaps" do
    lay(@page, *{ "a" => 100, "b" => 400, "c" => 900 }.map { |id, x| { "kind" => "rectangle", "id" => id, "x" => x, "y" => 200, "width" => 200, "height" => 100 } })
    post page_guides_path(@page), params: { ids: %w[c] }, as: :json
    across = answer["across"].map { |guide| guide["by"] }
    assert_includes across, -200.0, "at the gap that a and b have, and with its middle on the page's"
    assert_includes across, -500.0, "its left edge to b's"
    assert_includes answer["down"].map { |guide| guide["by"] }, 0.0
    post page_guides_path(@page), params: { ids: %w[zz] }, as: :json
    assert_equal({ "across" => [], "down" => [] }, answer)
  end

  test "reset goes back to what was prepared, over pins, and can be undone; kept as it is there is nothing to reset" do
    lay(@page, note("a"), note("b", x: 700, pinned: "all"))
    sitting = Sitting.teach(@lesson, @page)
    teach = ->(operation) { post(page_operations_path(@page, sitting: sitting.id), params: { operations: [ { id: fresh, operation: operation, sitting: sitting.id } ] }, as: :json) }
    teach.({ "verb" => "move", "ids" => [ "a" ], "by" => [ 300, 0 ] })
    teach.({ "verb" => "put", "items" => [ { "kind" => "ink", "id" => "ink", "points" => [ [ 0, 0 ], [ 9, 9 ] ] } ] })
    teach.({ "verb" => "change", "changes" => [ { "id" => "b", "set" => { "pinned" => "no" } } ] })
    assert_equal 3, sitting.layer.changes_on(@page)
    assert_equal [ [ "a", 100.0, nil ], [ "b", 700.0, "all" ] ], state, "the prepared page is not spoilt"
    post page_reset_path(@page), params: { id: fresh, sitting: sitting.id }, as: :json
    assert_equal [ [ "a", 100.0, nil ], [ "b", 700.0, "all" ] ], state(sitting)
    assert_equal 0, sitting.layer.changes_on(@page)
    post page_undo_path(@page), params: { id: fresh, sitting: sitting.id }, as: :json
    assert_equal [ [ "a", 400.0, nil ], [ "b", 700.0, nil ], [ "ink", 0.0, nil ] ], state(sitting)
    patch page_preparation_path(@page), params: { sitting: sitting.id }, as: :json
    assert_equal [ [ "a", 400.0, nil ], [ "b", 700.0, nil ], [ "ink", 0.0, nil ] ], state, "taken into the lesson"
    post page_reset_path(@page), params: { id: fresh, sitting: sitting.id }, as: :json
    assert_equal "The page is as you prepared it.", answer["said"]
    post page_reset_path(@page), params: { id: fresh }, as: :json
    assert_match(/Nothing was done/, answer["error"])
    assert_equal 3, state.size
  end

  test "undo is per person: one's undo never takes back another's" do
    student = Struct.new(:actor).new("seat:1")
    lay(@page, note("mine"))
    @page.perform({ "verb" => "put", "items" => [ note("theirs") ] }, id: fresh, by: student)
    @page.undo(by: student, id: fresh)
    assert_equal [ "mine" ], @page.items.reload.pluck(:key)
    assert_nil @page.undo(by: student, id: fresh)
    assert_equal [ "mine" ], @page.items.reload.pluck(:key)
  end

  test "files are known by what is in them, not by their names" do
    [ [ "\x7FELF\x02\x01", "song.mp3" ], [ "<html><script>alert(1)</script></html>", "page.pdf" ], [ "", "empty.txt" ] ].each do |bytes, name|
      post stored_files_path, params: { file: upload(bytes, name) }, headers: { "Accept" => "application/json" }
      assert_response :unprocessable_entity, name
      assert_match(/Nothing was changed/, answer["error"])
    end
    post stored_files_path, params: { file: upload("low water 11:30", "../..\\up\u202Etxt.txt") }, headers: { "Accept" => "application/json" }
    assert_equal({ "to" => "file", "asset" => Asset.last.id, "name" => "uptxt.txt" }, answer.slice("to", "asset", "name"))
    assert_equal 1, Asset.count
  end

  test "a large sound comes in pieces, from wherever it is asked" do
    bytes = "RIFF".b + [ 9_000_036 ].pack("V") + "WAVEfmt ".b + [ 16, 1, 1, 8000, 8000, 1, 8 ].pack("VvvVVvv") + "data".b + [ 9_000_000 ].pack("V") + "\x80".b * 9_000_000
    post stored_files_path, params: { file: upload(bytes, "tide.wav") }, headers: { "Accept" => "application/json" }
    path = stored_file_path(answer["asset"])
    get path
    assert_equal bytes.bytesize, response.body.bytesize
    get path, headers: { "Range" => "bytes=1000000-" }
    assert_response :partial_content
    assert_equal "bytes 1000000-#{1_000_000 + Streams::MOST - 1}/#{bytes.bytesize}", response.headers["Content-Range"]
    get path, headers: { "Range" => "bytes=9000000-" }
    assert_equal "bytes 9000000-#{bytes.bytesize - 1}/#{bytes.bytesize}", response.headers["Content-Range"]
    get path, headers: { "Range" => "bytes=99000000-" }
    assert_response :range_not_satisfiable
  end

  private

  def state(sitting = nil) = (sitting ? @page.showing(Viewer.teaching(sitting)) : @page).items.reload.sort_by(&:key).map { |item| [ item.key, item.data["x"], item.data["pinned"] ] }
end
