require "test_helper"

# Groups, copies, what is handed out, and turning pages by oneself.
class GroupsTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 3)
    @page, @second, @third = @lesson.pages.to_a
    @sitting = sit(@lesson)
    @pip, @wren = seat(@sitting, "Pip"), seat(@sitting, "Wren")
    @seat = come_in(@sitting)
    @teacher = open_session { |session| session.post session_path, params: { email: @owner.email, password: World::PASSWORD } }
  end

  def ink(id) = { "verb" => "put", "items" => [ { "kind" => "ink", "id" => id, "colour" => "#1e6079", "stroke_width" => 6, "nib" => "even", "opacity" => 1, "points" => [ [ 10, 10 ], [ 60, 60 ] ] } ] }

  test "a group writes on one copy, the others on theirs, and the teacher looks into each" do
    @sitting.group_by_lists([ %w[juniper Pip Nobody], %w[Wren] ])
    assert_equal [ "Group 1", "Group 2" ], @sitting.group_names
    @teacher.patch sitting_groups_path(@sitting), params: { group: "Group 1", preset: "copy" }
    @wren.reload.allow(%w[copy])
    [ @seat, @pip, @wren ].each { |one| one.reload.perform(@page, ink("by-#{one.id}"), id: fresh) }
    get seat_page_path
    assert_equal [ true, true, false ], [ @seat, @pip, @wren ].map { |one| response.body.include?("item-by-#{one.id}") }
    assert_empty @page.showing(Viewer.teaching(@sitting)).items
    assert_equal 2, @sitting.copies_on(@page).size
    @teacher.get sitting_copies_path(@sitting)
    assert_no_match(/Group 1|Wren/, @teacher.response.body)
    @teacher.get sitting_copies_path(@sitting), params: { names: "1" }
    assert_includes @teacher.response.body, "Group 1"
    copy = @sitting.copies_on(@page).first
    @teacher.get sitting_copy_path(@sitting, copy, page: @page.id)
    assert_equal "image/png", @teacher.response.media_type
    assert_difference("@lesson.pages.reload.count") { @teacher.patch sitting_copy_path(@sitting, copy, page: @page.id) }
    @teacher.get sitting_copy_path(@sitting, @lesson.prepared.id, page: @page.id)
    assert_equal 404, @teacher.response.status
  end

  test "copies on the wall: a star, a pile, the fullest first, two side by side" do
    @sitting.allow(%w[copy])
    [ @pip, @wren ].each_with_index { |one, index| (index + 1).times { |number| one.reload.perform(@page, ink("s#{one.id}#{number}"), id: fresh) } }
    pip, wren = PageCopy.of(@sitting, @page).map(&:key)
    wall = -> { Nokogiri::HTML(@teacher.response.body) }
    path = ->(**asked) { sitting_copies_path(@sitting, page: @page.id, **asked) }
    @teacher.patch path.(one: wren)
    @teacher.get path.(starred: "1")
    assert_select wall.call, ".answer-card", 1
    @teacher.get path.(sort: "most", names: "1")
    assert_equal %w[Wren Pip], wall.call.css(".answer-card .muted").map(&:text)
    @teacher.get path.(large: [ pip, wren ])
    assert_select wall.call, ".answers[data-large='2'] .answer-card", 2
    @teacher.patch path.call, params: { chosen: [ pip, wren ], pile: "Nets" }
    assert_select wall.call, ".answers-pile[aria-label=Nets] .answer-card", 2
    @teacher.get sitting_copies_path(@sitting, page: @second.id)
    assert_select wall.call, ".answer-card", 0
    [ { one: @lesson.prepared.id }, { one: "" } ].each { |bad| @teacher.patch path.(**bad) or assert_equal 404, @teacher.response.status }
    @teacher.patch path.call, params: { chosen: "x" }, headers: { "HX-Request" => "true" }
    assert_equal 422, @teacher.response.status
  end

  test "groups by chance, by hand, and none" do
    @teacher.post sitting_groups_path(@sitting), params: { count: 9 }, headers: { "HX-Request" => "true" }
    assert_equal 422, @teacher.response.status
    @teacher.post sitting_groups_path(@sitting), params: { count: 3 }
    assert_equal [ 1, 1, 1 ], @sitting.group_names.map { |name| @sitting.members(name).count }
    @teacher.patch sitting_groups_path(@sitting), params: { seat: @pip.id, group: " Gulls " }
    assert_equal "Gulls", @pip.reload.group_name
    @teacher.delete sitting_groups_path(@sitting)
    assert_empty @sitting.group_names
    tool = ClassTool.put_up(@sitting, "teams", { "names" => "Pip\nWren\nJuniper", "number" => 2, "by" => "count" })
    @teacher.post sitting_groups_path(@sitting), params: { tool: tool.id }
    assert_equal 2, @sitting.group_names.size
  end

  test "a sitting goes with its groups' copies" do
    @sitting.group_by_lists([ %w[Pip Wren] ])
    @pip.reload.allow(%w[copy])
    @pip.perform(@page, ink("x"), id: fresh)
    @sitting.destroy!
    assert_equal [ 0, 0 ], [ Layer.where(kind: %w[seat group sitting]).count, Seat.count ]
  end

  test "a page, a file and a link are sent to all, a group, one; opened, and fetched back" do
    lay(@third, note("deep", text: "Deep water"))
    @teacher.post sitting_handouts_path(@sitting), params: { page: @third.id, to: "seat:#{@seat.id}" }
    handout = Handout.sole
    get seat_sending_path
    assert_select "[data-handout]", /Page 3/
    get seat_handout_path(handout)
    assert_includes response.body, "Deep water"
    assert_equal [ @seat.id ], handout.reload.opened
    @teacher.get sitting_handouts_path(@sitting)
    assert_includes @teacher.response.body, "opened by 1 of 1"
    @teacher.post sitting_handouts_path(@sitting), params: { link: "https://tides.example/table", to: "all" }
    get seat_handout_path(Handout.last)
    assert_redirected_to "https://tides.example/table"
    asset = @owner.assets.take_in(upload("low water 11:30", "tide.txt"))
    @teacher.post sitting_handouts_path(@sitting), params: { file: asset.id, to: "seat:#{@pip.id}" }
    get seat_handout_path(Handout.last)
    assert_response :not_found
    get stored_file_path(asset)
    assert_response :not_found
    @teacher.post sitting_handouts_path(@sitting), params: { file: asset.id }
    get stored_file_path(asset)
    assert_response :success
    @teacher.delete sitting_handout_path(@sitting, handout)
    get seat_handout_path(handout)
    assert_response :not_found
    foreign = lesson(teacher("Ivo")).pages.first
    [ { link: "javascript:alert(1)" }, { link: "no address" }, { page: foreign.id }, { file: 0 }, { page: @page.id, to: "seat:0" }, {} ].each do |sent|
      assert_no_difference("Handout.count", sent.inspect) { @teacher.post sitting_handouts_path(@sitting), params: sent, headers: { "HX-Request" => "true" } }
      assert_equal 422, @teacher.response.status, sent.inspect
    end
  end

  test "two groups have an activity each; who has opened something is known by name" do
    one, other = activity(@lesson), activity(@lesson)
    rowan, wren = %w[Rowan Wren].map { |name| @sitting.seats.find_by(name: name) || seat(@sitting, name) }
    Sending.out(one, @sitting, seats: [ rowan.id ])
    Sending.out(other, @sitting, seats: [ wren.id ])
    assert_equal [ [ one.id ], [ other.id ] ], [ rowan, wren ].map { |seat| Sending.to(seat).map(&:activity_id) }
    Sending.out(other, @sitting, seats: [ rowan.id ])
    assert_equal [ [ other.id ], 2 ], [ Sending.to(rowan).map(&:activity_id), @sitting.sendings.standing.count ]
    Sending.out(one, @sitting)
    assert_equal [ one.id ], @sitting.sendings.standing.map(&:activity_id)
    handout = Handout.out(@sitting, { "page" => @lesson.pages.first.id })
    handout.open_by(wren)
    assert_equal [ "Wren" ], handout.opened_by
  end

  test "students turn among the pages the class has been on, and no others" do
    lay(@page, note("first", text: "First words"))
    @sitting.tick
    @sitting.turn_to(@second)
    get seat_page_path, params: { page: @page.id }
    assert_response :not_found
    @teacher.patch lesson_sitting_path(@lesson), params: { paging: "true" }
    get seat_page_path, params: { page: @page.id }
    assert_includes response.body, "First words"
    assert_select "[data-away]"
    get seat_page_path, params: { page: @third.id }
    assert_response :not_found
    get seat_page_path
    assert_select "[data-away]", 0
    mark = @sitting.reload.device_feed.mark
    lay(@page, note("more"), layer: @sitting.layer)
    lay(@third, note("unseen"), layer: @sitting.layer)
    told = @sitting.device_feed.since(mark[:from], mark[:n]).join
    assert_equal [ true, false ], [ told.include?("item-more"), told.include?("item-unseen") ]
  end
end
