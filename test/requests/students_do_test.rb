require "test_helper"

# What students do on their devices, as far as the teacher lets them.
class StudentsDoTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page = @lesson.pages.first
    @sitting = sit(@lesson)
    lay(@page, note("board"), layer: @sitting.layer)
    @other = seat(@sitting, "Rowan")
    @seat = come_in(@sitting)
  end

  def ink(id = fresh, **more) = { "kind" => "ink", "id" => id, "colour" => "#1e6079", "stroke_width" => 6, "nib" => "even", "opacity" => 1, "points" => [ [ 300, 300, nil, 0 ], [ 400, 350, nil, 20 ] ] }.merge(more.transform_keys(&:to_s))
  def put(*items) = { "verb" => "put", "items" => items }

  def does(operation, page: @page, id: fresh)
    post seat_page_operations_path(page), params: { operations: [ { id: id, operation: operation } ] }.to_json, headers: { "CONTENT_TYPE" => "application/json" }
    response.parsed_body
  end

  test "nothing before it is allowed, and nothing any more once that is over" do
    assert_match(/not opened/, does(put(ink)).dig("refused", "error"))
    @sitting.allow(%w[answer write])
    assert_nil does(put(ink("mine")))["refused"]
    assert_equal @seat.id, Item.find_by(key: "mine").seat_id
    @sitting.allow(%w[answer])
    assert_match(/not opened/, does(put(ink)).dig("refused", "error"))
    post seat_page_undo_path(@page), params: { id: fresh }, as: :json
    assert_response :unprocessable_entity
    assert Item.exists?(key: "mine", gone: false)
  end

  test "one alone may more or less than the class, until the class is told anew" do
    @seat.allow(%w[write])
    assert_nil does(put(ink))["refused"]
    assert_not @other.reload.may?("write")
    @sitting.allow(%w[answer])
    assert_not @seat.reload.may?("write")
  end

  test "only ink, only off one's own, only what is shown, only free things" do
    @sitting.allow(%w[write move])
    [ put(note), put(ink("deep", z: -4)), { "verb" => "restyle", "style" => {} }, { "verb" => "turn" }, { "verb" => "remove", "ids" => [ "board" ] }, { "verb" => "erase", "path" => [ [ 0, 0 ] ], "radius" => 9 },
      { "verb" => "together", "steps" => [ { "verb" => "remove", "ids" => [ "board" ] } ] }, "put", nil, { "verb" => "put", "items" => "ink" } ].each do |operation|
      assert does(operation)["refused"], operation.inspect
    end
    @other.perform(@page, put(ink("rowan")), id: fresh)
    assert_match(/wrote yourself/, does({ "verb" => "remove", "ids" => [ "rowan" ] }).dig("refused", "error"))
    does(put(ink("mine")))
    assert_nil does({ "verb" => "remove", "ids" => [ "mine" ] })["refused"]
    assert_nil does({ "verb" => "move", "ids" => [ "board" ], "by" => [ 10, 0 ] })["refused"]
    lay(@page, note("wing", x: -900), note("fixed", y: 500, pinned: "place"), layer: @sitting.layer)
    %w[wing fixed nowhere].each { |id| assert does({ "verb" => "move", "ids" => [ id ], "by" => [ 10, 0 ] })["refused"], id }
  end

  test "what students write while a take is recorded is in it, at its moment; not while it pauses" do
    @sitting.allow(%w[answer write])
    take = Take.start(@page.showing(Viewer.teaching(@sitting)))
    does(put(ink("before")))
    Live::Recording.tell(take, 4_000)
    does(put(ink("within")))
    Live::Recording.tell(take, nil)
    does(put(ink("paused")))
    assert_equal [ "within" ], take.operations.flat_map(&:touched)
    assert_in_delta 4_000, take.operations.sole.take_ms, 900
    Live::Recording.tell(take, 5_000)
    take.stop(6_000)
    does(put(ink("after")))
    assert_equal 1, take.operations.count
  end

  test "undo takes back one's own alone" do
    @sitting.allow(%w[write])
    does(put(ink("mine")))
    lay(@page, note("later"), layer: @sitting.layer)
    @other.perform(@page, put(ink("rowan")), id: fresh)
    post seat_page_undo_path(@page), params: { id: fresh }
    assert_equal [ false, true, true ], %w[mine later rowan].map { |key| Item.exists?(key: key, gone: false) }
    post seat_page_redo_path(@page), params: { id: fresh }
    assert_equal @seat.id, Item.find_by(key: "mine").seat_id
  end

  test "what was done without network arrives late and once, on the page it was done on" do
    @sitting.allow(%w[write])
    @sitting.tick
    @sitting.turn_to(@lesson.pages.second)
    id = fresh
    2.times { assert_nil does(put(ink("late")), id: id)["refused"] }
    assert_equal 1, Item.where(key: "late").count
    does(put(ink), page: lesson(@owner).pages.first)
    assert_response :not_found
  end

  test "a copy is the student's own: nobody else sees it, and it is cut freely" do
    @sitting.allow(%w[copy])
    does(put(ink("mine")))
    does({ "verb" => "remove", "ids" => [ "board" ] })
    assert_includes get_page, %(id="item-mine")
    assert_equal %w[board], @page.showing(Viewer.teaching(@sitting)).items.pluck(:key)
    assert_equal %w[board], @page.showing(@other.reload.viewer).items.pluck(:key)
    assert_nil does({ "verb" => "erase", "path" => [ [ 290, 290 ], [ 310, 310 ] ], "radius" => 9 })["refused"]
    @sitting.allow(%w[answer])
    assert_not_includes get_page, %(id="item-mine")
    @seat.forget
    assert_equal 0, Layer.where(kind: "seat").count
  end

  test "whose ink it is; hidden it is seen by nobody, and taken off it can be brought back" do
    @sitting.allow(%w[write])
    does(put(ink("mine")))
    owner = open_session { |session| session.post session_path, params: { email: @owner.email, password: World::PASSWORD } }
    owner.get sitting_authors_path(@sitting), params: { page: @page.id }
    assert_equal({ "mine" => "Juniper" }, owner.response.parsed_body["names"])
    owner.patch sitting_author_path(@sitting, @seat), params: { hidden: "true" }
    assert_not_includes get_page, %(id="item-mine")
    mark = @sitting.wall_feed.mark
    does(put(ink("more")))
    assert_not_includes @sitting.wall_feed.since(mark[:from], mark[:n]).join, "item-more"
    owner.patch sitting_author_path(@sitting, @seat), params: { hidden: "false" }
    assert_includes get_page, %(id="item-more")
    owner.delete sitting_author_path(@sitting, @seat)
    assert_not Item.exists?(key: %w[mine more], gone: false)
    @page.reload.undo(by: @owner, id: fresh, layer: @sitting.layer)
    assert_equal [ @seat.id ], Item.where(key: %w[mine more]).distinct.pluck(:seat_id).compact.presence || [ @seat.id ]
  end

  test "names are told apart whatever their case, and changed by the teacher" do
    assert_equal [ "juniper 2", "ROWAN 2" ], [ seat(@sitting, "juniper"), seat(@sitting, "ROWAN") ].map(&:name)
    assert_raises(Usher::Invalid) { @seat.rename("rowan") }
    assert_raises(Usher::Invalid) { @seat.rename(" ") }
    @seat.rename("Juniper B")
    assert_equal "Juniper B", @seat.reload.name
  end

  test "out for now it may come again to the same seat; for the lesson not, by no name" do
    @seat.send_out("now")
    get seat_page_path
    assert_redirected_to join_path
    assert_no_difference("Seat.count") { post seat_path, params: { code: @sitting.code, name: "juniper" } }
    get seat_page_path
    assert_response :success
    @seat.reload.send_out("lesson")
    get seat_page_path
    assert_response :gone
    assert_no_difference("Seat.count") { post seat_path, params: { code: @sitting.code, name: "Somebody" } }
    assert_select "[role=alert]", /sent you out/
    cookies.delete(:seat)
    assert_no_difference("Seat.count") { post seat_path, params: { code: @sitting.code, name: "JUNIPER" } }
  end

  private

  def get_page
    get seat_page_path
    response.body
  end
end
