require "test_helper"

# Every route, asked by everybody. A route that is not listed here fails the test.
class AuthorisationTest < ActionDispatch::IntegrationTest
  EVERYBODY = %i[other student stranger nobody owner].freeze
  TEACHER = %i[owner].freeze
  CLASS = %i[owner student].freeze

  # "VERB path" => who may; the rest must get nothing (401, 404, or the way to a door).
  ROUTES = {
    "GET /" => %i[owner other], "GET /session/new" => EVERYBODY, "POST /session" => EVERYBODY, "DELETE /session" => EVERYBODY,
    "GET /school_login/new" => [], "GET /school_login" => [], "GET /teacher/new" => EVERYBODY, "POST /teacher" => EVERYBODY,
    "GET /lessons" => %i[owner other], "POST /lessons" => %i[owner other],
    "GET /lessons/:id" => TEACHER, "PATCH /lessons/:id" => TEACHER, "PUT /lessons/:id" => TEACHER, "DELETE /lessons/:id" => TEACHER,
    "POST /lessons/:lesson_id/copy" => TEACHER, "POST /lessons/:lesson_id/return" => [], "GET /lessons/:lesson_id/teach" => TEACHER,
    "PATCH /lessons/:lesson_id/place" => TEACHER, "PUT /lessons/:lesson_id/place" => TEACHER, "GET /lessons/:lesson_id/feed" => TEACHER,
    "GET /lessons/:lesson_id/sitting" => TEACHER, "POST /lessons/:lesson_id/sitting" => TEACHER, "DELETE /lessons/:lesson_id/sitting" => TEACHER,
    "GET /lessons/:lesson_id/roll" => TEACHER, "GET /lessons/:lesson_id/share" => TEACHER, "POST /lessons/:lesson_id/share" => TEACHER,
    "DELETE /lessons/:lesson_id/share" => TEACHER, "GET /lessons/:lesson_id/running_order" => TEACHER, "POST /lessons/:lesson_id/pages" => TEACHER,
    "POST /lessons/:lesson_id/polls" => TEACHER, "GET /lessons/:lesson_id/activities/new" => TEACHER, "POST /lessons/:lesson_id/activities" => TEACHER, "POST /lessons/:lesson_id/proposals" => TEACHER,
    "GET /lessons/:lesson_id/faces" => TEACHER, "POST /lessons/:lesson_id/faces" => TEACHER,
    "POST /lessons/:lesson_id/takes" => TEACHER, "GET /bin" => %i[owner other], "POST /lessons/:lesson_id/handover" => TEACHER, "DELETE /lessons/:lesson_id/handover" => TEACHER, "PATCH /handovers/:id" => %i[other], "PUT /handovers/:id" => %i[other], "DELETE /handovers/:id" => %i[other],
    "PATCH /lessons/:lesson_id/running_order" => TEACHER, "PUT /lessons/:lesson_id/running_order" => TEACHER, "GET /lessons/:lesson_id/facts" => TEACHER,
    "GET /lessons/:lesson_id/pages" => TEACHER, "DELETE /lessons/:lesson_id/pages" => TEACHER, "POST /lessons/:lesson_id/arrivals" => TEACHER, "GET /lessons/:lesson_id/links" => TEACHER,
    "POST /pages/:page_id/guides" => TEACHER, "POST /pages/:page_id/choice" => TEACHER, "POST /pages/:page_id/clippings" => TEACHER, "POST /pages/:page_id/pastes" => TEACHER, "POST /pages/:page_id/flows" => TEACHER,
    "POST /pages/:page_id/reset" => TEACHER, "PATCH /pages/:page_id/preparation" => TEACHER, "PUT /pages/:page_id/preparation" => TEACHER,
    "POST /tables" => %i[owner other], "POST /media" => %i[owner other], "GET /media/:id" => CLASS, "PATCH /media/:id" => TEACHER, "PUT /media/:id" => TEACHER, "DELETE /media/:id" => TEACHER,
    "GET /media/:stored_file_id/progress" => TEACHER, "GET /media/:stored_file_id/uses" => TEACHER, "POST /media/:stored_file_id/return" => TEACHER, "POST /media/:stored_file_id/still" => TEACHER,
    "GET /store_room" => %i[owner other], "GET /store_room/web" => %i[owner other], "POST /store_room/takings" => TEACHER, "POST /store_room/keeps" => TEACHER, "POST /store_room/sets" => TEACHER,
    "GET /drawings/:id" => %i[owner other], "GET /found_pictures/:id" => %i[owner other], "POST /pictures/:picture_id/clearing" => TEACHER,
    "POST /lessons/:lesson_id/imports" => TEACHER, "GET /imports/:id" => TEACHER, "DELETE /imports/:id" => TEACHER,
    "POST /pages/:page_id/capture" => TEACHER, "GET /pages/:page_id/lines" => TEACHER, "GET /pages/:page_id/speech" => CLASS,
    "GET /frame" => %i[owner other student], "POST /embed" => %i[owner other], "POST /link_card" => %i[owner other], "GET /host" => %i[owner other], "POST /host" => %i[owner other], "DELETE /host" => %i[owner other],
    "GET /pages/:id" => TEACHER, "DELETE /pages/:id" => TEACHER, "POST /pages/:page_id/copy" => TEACHER, "POST /pages/:page_id/return" => [],
    "POST /pages/:page_id/undo" => TEACHER, "POST /pages/:page_id/redo" => TEACHER, "PATCH /pages/:page_id/position" => TEACHER,
    "PUT /pages/:page_id/position" => TEACHER, "GET /pages/:page_id/thumbnail" => TEACHER, "POST /pages/:page_id/operations" => TEACHER,
    "PATCH /preferences" => %i[owner other], "PUT /preferences" => %i[owner other], "POST /line_breaks" => %i[owner other], "POST /rich_text" => %i[owner other],
    "POST /formula" => %i[owner other], "POST /tiles" => %i[owner other], "POST /gaps" => %i[owner other], "GET /symbols" => %i[owner other],
    "GET /starting_points" => %i[owner other], "POST /starting_points" => TEACHER, "DELETE /starting_points/:id" => TEACHER,
    "POST /pictures" => %i[owner other], "GET /pictures/:id" => CLASS, "GET /pictures/:picture_id/under/:parts" => CLASS,
    "GET /activities/:id/edit" => TEACHER, "PATCH /activities/:id" => TEACHER, "PUT /activities/:id" => TEACHER,
    "GET /activities/:activity_id/look" => TEACHER, "POST /activities/:activity_id/placing" => TEACHER, "POST /activities/:activity_id/attempts" => CLASS,
    "GET /pages/:page_id/goes" => TEACHER, "GET /attempts/:id" => %i[student], "POST /attempts/:attempt_id/moves" => %i[student], "GET /attempts/:attempt_id/faces/:id" => [], "POST /activities/:activity_id/copy" => TEACHER, "GET /activities/:activity_id/copy/new" => TEACHER, "GET /activities/:activity_id/results" => TEACHER, "GET /activities/:activity_id/paper" => TEACHER, "GET /attempts/:attempt_id/replay" => TEACHER, "PATCH /attempts/:attempt_id/remarks" => TEACHER, "PUT /attempts/:attempt_id/remarks" => TEACHER,
    "GET /activities/:activity_id/sendings" => TEACHER, "POST /activities/:activity_id/sendings" => TEACHER, "DELETE /activities/:activity_id/sendings" => TEACHER, "GET /seat/sending" => %i[student stranger],
    "GET /lessons/:lesson_id/parts" => TEACHER, "POST /lessons/:lesson_id/checks" => TEACHER, "GET /bank" => %i[owner other], "POST /bank" => TEACHER, "DELETE /bank_questions/:id" => TEACHER,
    "GET /polls/:id" => TEACHER, "PATCH /polls/:id" => TEACHER, "PUT /polls/:id" => TEACHER,
    "GET /takes" => %i[owner other], "GET /takes/:id" => TEACHER, "PATCH /takes/:id" => TEACHER, "PUT /takes/:id" => TEACHER, "DELETE /takes/:id" => TEACHER,
    "POST /takes/:take_id/voice_pieces" => TEACHER, "POST /takes/:take_id/stop" => TEACHER, "GET /takes/:take_id/film" => TEACHER, "GET /takes/:take_id/voice" => TEACHER,
    "GET /join(/:code)" => EVERYBODY, "POST /seat" => EVERYBODY, "GET /seat" => %i[student stranger], "DELETE /seat" => EVERYBODY,
    "GET /seat/page" => %i[student], "GET /seat/feed" => %i[student stranger], "GET /seat/poll" => %i[student stranger], "POST /seat/answer" => %i[student],
    "GET /come-in/:token" => EVERYBODY, "POST /come-in/:token" => EVERYBODY, "GET /password/new" => EVERYBODY, "GET /password/edit" => EVERYBODY, "POST /password" => EVERYBODY, "PATCH /password" => EVERYBODY, "PUT /password" => EVERYBODY, "GET /privacy" => EVERYBODY,
    "GET /factor/new" => EVERYBODY, "POST /factor" => EVERYBODY, "POST /account/archive" => %i[owner other], "POST /account/factor" => %i[owner other], "PATCH /account/factor" => %i[owner other], "PUT /account/factor" => %i[owner other], "DELETE /account/factor" => %i[owner other],
    "GET /account" => %i[owner other], "PATCH /account" => %i[owner other], "PUT /account" => %i[owner other], "DELETE /account" => %i[owner other], "PATCH /account/password" => %i[owner other], "PUT /account/password" => %i[owner other],
    "POST /account/move" => %i[owner other], "GET /account/move" => [], "PATCH /account/move" => [], "PUT /account/move" => [], "DELETE /account/sign_ins" => %i[owner other], "DELETE /account/sign_ins/:id" => [],
    "GET /school" => TEACHER, "PATCH /school" => TEACHER, "PUT /school" => TEACHER, "PATCH /school/teachers/:id" => TEACHER, "PUT /school/teachers/:id" => TEACHER, "DELETE /school/teachers/:id" => TEACHER, "POST /school/invitations" => TEACHER, "GET /mail_box" => TEACHER,
    "GET /lessons/:lesson_id/held" => TEACHER, "POST /lessons/:lesson_id/held" => TEACHER, "GET /sittings/:id" => TEACHER, "PATCH /sittings/:id" => TEACHER, "PUT /sittings/:id" => TEACHER, "DELETE /sittings/:id" => TEACHER,
    "GET /sittings/:sitting_id/ending/new" => TEACHER, "POST /sittings/:sitting_id/ending" => TEACHER, "POST /sittings/:sitting_id/return" => TEACHER, "POST /sittings/:sitting_id/share" => TEACHER, "DELETE /sittings/:sitting_id/share" => TEACHER,
    "GET /sittings/:sitting_id/print" => TEACHER, "GET /sittings/:sitting_id/pages/:page_id/thumbnail" => TEACHER,
    "GET /pages/:page_id/faced/new" => TEACHER, "POST /pages/:page_id/faced" => TEACHER, "GET /pages/:page_id/faced/:id" => TEACHER, "POST /seat/roll" => %i[student], "GET /seat/tools" => %i[student stranger],
    "GET /sittings/:sitting_id/class_tools" => TEACHER, "GET /sittings/:sitting_id/class_tools/new" => TEACHER, "POST /sittings/:sitting_id/class_tools" => TEACHER, "PATCH /class_tools/:id" => TEACHER, "PUT /class_tools/:id" => TEACHER, "DELETE /class_tools/:id" => TEACHER, "POST /class_tools/:class_tool_id/pages" => TEACHER,
    "POST /sittings/:sitting_id/eyes" => TEACHER, "DELETE /sittings/:sitting_id/eyes" => TEACHER, "GET /sittings/:sitting_id/prompter" => TEACHER,
    "GET /pages/:page_id/cues" => TEACHER, "GET /pages/:page_id/cues/:id" => TEACHER, "POST /sittings/:sitting_id/cues" => TEACHER, "DELETE /sittings/:sitting_id/cues" => TEACHER,
    "PATCH /lessons/:lesson_id/sitting" => TEACHER, "PUT /lessons/:lesson_id/sitting" => TEACHER, "DELETE /lessons/:lesson_id/seats" => TEACHER,
    "GET /seat/handouts/:id" => %i[student], "GET /sittings/:sitting_id/handouts" => TEACHER, "POST /sittings/:sitting_id/handouts" => TEACHER, "DELETE /sittings/:sitting_id/handouts/:id" => TEACHER,
    "GET /sittings/:sitting_id/groups" => TEACHER, "POST /sittings/:sitting_id/groups" => TEACHER, "PATCH /sittings/:sitting_id/groups" => TEACHER, "PUT /sittings/:sitting_id/groups" => TEACHER, "DELETE /sittings/:sitting_id/groups" => TEACHER,
    "GET /sittings/:sitting_id/copies" => TEACHER, "PATCH /sittings/:sitting_id/copies" => TEACHER, "GET /sittings/:sitting_id/copies/:id" => TEACHER, "PATCH /sittings/:sitting_id/copies/:id" => TEACHER, "PUT /sittings/:sitting_id/copies/:id" => TEACHER,
    "GET /sittings/:sitting_id/practice" => TEACHER, "POST /sittings/:sitting_id/practice" => TEACHER, "DELETE /sittings/:sitting_id/practice" => TEACHER,
    "POST /seat/hand" => %i[student stranger], "DELETE /seat/hand" => %i[student stranger], "GET /sittings/:sitting_id/report" => TEACHER,
    "GET /classes" => %i[owner other], "POST /classes" => %i[owner other], "GET /classes/:id" => TEACHER, "PATCH /classes/:id" => TEACHER, "PUT /classes/:id" => TEACHER, "DELETE /classes/:id" => TEACHER,
    "PATCH /classes/:school_class_id/students/:id" => TEACHER, "PUT /classes/:school_class_id/students/:id" => TEACHER, "DELETE /classes/:school_class_id/students/:id" => TEACHER, "GET /classes/:school_class_id/cards" => TEACHER,
    "POST /classes/:school_class_id/teachers" => TEACHER, "DELETE /classes/:school_class_id/teachers" => TEACHER,
    "GET /lessons/:lesson_id/polls/new" => TEACHER, "GET /polls/:poll_id/wall" => TEACHER, "PATCH /polls/:poll_id/wall" => TEACHER, "PUT /polls/:poll_id/wall" => TEACHER, "POST /polls/:poll_id/page" => TEACHER, "POST /polls/:poll_id/thing" => TEACHER, "GET /sittings/:sitting_id/whom" => TEACHER,
    "GET /sittings/:sitting_id/rights" => TEACHER, "PATCH /sittings/:sitting_id/rights" => TEACHER, "PUT /sittings/:sitting_id/rights" => TEACHER,
    "GET /sittings/:sitting_id/authors" => TEACHER, "PATCH /sittings/:sitting_id/authors/:id" => TEACHER, "PUT /sittings/:sitting_id/authors/:id" => TEACHER, "DELETE /sittings/:sitting_id/authors/:id" => TEACHER,
    "GET /sittings/:sitting_id/seats/:id" => TEACHER, "PATCH /sittings/:sitting_id/seats/:id" => TEACHER, "PUT /sittings/:sitting_id/seats/:id" => TEACHER, "DELETE /sittings/:sitting_id/seats/:id" => TEACHER,
    "POST /seat/pages/:page_id/operations" => %i[student], "POST /seat/pages/:page_id/undo" => %i[student], "POST /seat/pages/:page_id/redo" => %i[student],
    "GET /s/:token" => EVERYBODY, "GET /s/:token/lesson.pdf" => EVERYBODY, "GET /up" => EVERYBODY, "* /:code" => EVERYBODY
  }.freeze

  setup do
    Live::Feed.instance_variable_get(:@feeds).clear # numbered on by other tests of this process, whose lessons had the same ids
    @owner, @other = teacher("Maren"), teacher("Ivo")
    @lesson = lesson(@owner, pages: 2)
    @page = @lesson.pages.first
    @sitting, @elsewhere = sit(@lesson), sit(lesson(@other))
    @picture, @activity = picture_of(@owner), activity(@lesson)
    lay(@page, { "kind" => "picture", "id" => fresh, "x" => 0, "y" => 0, "width" => 40, "height" => 30, "picture" => @picture.id })
    lay(@page, { "kind" => "picture", "id" => "half", "x" => 300, "y" => 300, "width" => 40, "height" => 30, "picture" => @picture.id }, { "kind" => "cover", "id" => "lid", "x" => 320, "y" => 290, "width" => 80, "height" => 80 })
    @parts = Usher::Veil.address(@picture.id, @page.items.find_by(key: "half").data["hidden"]).split("/").last
    card_on(@page, @activity)
    @asset = @owner.assets.take_in(upload("The tide turns at noon.", "tide.txt"))
    lay(@page, note("asset", link: { "to" => "file", "asset" => @asset.id, "name" => "tide.txt" }))
    @framed = "https://gullpoint.example/tides"
    lay(@page, { "kind" => "framed", "id" => "framed", "x" => 0, "y" => 0, "address" => @framed })
    @import = Import.create!(lesson: @lesson, asset: @owner.assets.create!(kind: "pdf", name: "Tide tables.pdf", content_type: "application/pdf", facts: { "pages" => 2 }), position: 1, first: 1, last: 2)
    @poll = Poll.ask(@sitting, "letters", { "count" => 3 })
    @tool = ClassTool.put_up(@sitting, "dice", {})
    lay(@page, { "kind" => "die", "id" => "die", "x" => 800, "y" => 300, "width" => 90, "height" => 90, "faces" => [ { "text" => "ebb" }, { "text" => "flood" } ] })
    @page.update!(cues: [ { "id" => "c1", "verb" => "poll", "letters" => 3 } ])
    @share = @lesson.shares.create!
    @take = Take.start(@page.showing)
    @take.make
    @take.voice.attach(io: StringIO.new("voice"), filename: "voice.webm", content_type: "audio/webm", identify: false)
    @kept = Lesson.keep_page(@page, title: "Tides to start from")
    @handover = Handover.offer(lesson(@owner), @other.email)
    @seat = seat(@sitting)
    @poll.take_answer(@seat, "B")
    @handout = Handout.out(@sitting, { "page" => @page.id })
    @copy = @seat.copy!
    @class = SchoolClass.begin(@owner, title: "6 Kittiwake", names: "Wren\nPip")
    @attempt = @activity.deal(to: Participant.of(@seat))
    @quiz = @lesson.activities.create!(title: "Quiz", kind: "true_false", content: { "sentences" => [ { "ask" => "Ropes sink.", "true" => false } ] })
    @banked = @owner.bank_questions.create!(kind: "true_false", words: "Corks float.", content: { "sentences" => [ { "ask" => "Corks float.", "true" => true } ] })
  end

  ROUTES.each do |route, allowed|
    define_method("test_#{route} is for #{allowed.any? ? allowed.join(', ') : 'nobody here'}") do
      EVERYBODY.each do |who|
        reset!
        become(who)
        ask(route)
        if allowed.include?(who)
          assert_not_includes [ 401, 403, 404, 410, 500 ], response.status, "#{who} may #{route}"
          assert_not_equal new_session_url, response.location, "#{who} may #{route}" unless route.match?(/session|come-in|POST .password|factor/)
        else
          assert refused?, "#{who} must not #{route}, got #{response.status} #{response.body[0, 200]}"
        end
      end
    end
  end

  test "every route of the app is in the list" do
    known = Rails.application.routes.routes.reject(&:internal).map do |route|
      "#{route.verb.presence || '*'} #{route.path.spec.to_s.delete_suffix('(.:format)')}"
    end
    assert_equal known.reject { |route| route.start_with?("GET /assets", "* /cable") }.uniq.sort, ROUTES.keys.sort
  end

  test "whatever form is asked for, no address fails: it answers, or says that it has none" do
    wrong = ROUTES.keys.grep(/\AGET /).product(%i[owner student], [ "application/json", "application/xml", "text/csv", "image/png" ]).filter_map do |route, who, type|
      reset!
      become(who)
      with_error_pages { ask(route, "Accept" => type) }
      "#{route} as #{type} for the #{who}: #{response.status} #{response.media_type}" if response.status >= 500 || response.successful? && response.media_type == "text/html"
    end
    assert_empty wrong
  end

  test "what htmx asks for as it asks is answered" do
    take_seat(@seat)
    get attempt_path(@attempt), headers: { "Accept" => "text/html, */*", "HX-Request" => "true", "X-Requested-With" => "XMLHttpRequest" }
    assert_response :success
  end

  test "what lies in the bin can be fetched back by its owner alone" do
    @lesson.pages.last.bin
    binned = @lesson.all_pages.binned.first
    gone = lesson(@owner).tap(&:bin)
    sign_in @other
    post page_return_path(binned)
    assert_response :not_found
    post lesson_return_path(gone)
    assert_response :not_found
    sign_in @owner
    post page_return_path(binned), as: :json
    assert_response :success
    binned.bin
    post page_return_path(binned)
    assert_redirected_to lesson_path(@lesson, page: binned.id)
    post lesson_return_path(gone)
    assert_redirected_to root_path
    assert_not gone.reload.binned?
  end

  private

  def become(who)
    case who
    when :owner then sign_in(@owner)
    when :other then sign_in(@other)
    when :student then take_seat(@seat)
    when :stranger then take_seat(@stranger ||= seat(@elsewhere, "Rowan"))
    end
  end

  # The cookie that coming in leaves behind, for a seat that is there already.
  def take_seat(seat)
    jar = ActionDispatch::Request.new(Rails.application.env_config.deep_dup).cookie_jar
    jar.signed[:seat] = seat.token
    cookies[:seat] = jar[:seat]
  end

  # headers: instead of those that our own pages send.
  def ask(route, headers = nil)
    verb, path = route.split(" ")
    path = path.sub("(/:code)", "").sub(":code", "422").sub(":token", @share.token).gsub(/:(\w+)/) { id_for(path, Regexp.last_match(1)) }
    verb = "GET" if verb == "*"
    json = path.match?(%r{/(operations|undo|redo|stop|film|place|position|pages|copy|feed|starting_points|guides|choice|clippings|pastes|flows|media|reset|preparation|arrivals|return|still|uses|progress|takings|keeps|sets|clearing|imports|imports/\d+|capture|lines|embed|link_card|host)\z}) && path.exclude?("lessons/#{@lesson.id}/copy")
    send(verb.downcase, path, params: params_for(path), headers: headers || (json ? { "Accept" => "application/json" } : {}))
  end

  def id_for(path, name)
    return @parts if name == "parts"
    return @page.id.to_s if name == "page_id"
    return @class.students.first.id.to_s if path.end_with?("/students/:id") && name == "id"
    return @handout.id.to_s if path.end_with?("/handouts/:id") && name == "id"
    return @copy.id.to_s if path.end_with?("/copies/:id") && name == "id"
    return "die" if path.end_with?("/faced/:id")
    return "c1" if path.end_with?("/cues/:id")
    return @seat.id.to_s if name == "id" && path.end_with?("/seats/:id", "/authors/:id")
    return @other.id.to_s if path.start_with?("/school/teachers")
    return "0" if path.start_with?("/account/sign_ins")
    return "p1" if path.end_with?("/faces/:id") && name == "id"
    return { "drawings" => "1", "found_pictures" => "crab" }[path.split("/")[1]] if path.match?(%r{\A/(drawings|found_pictures)/})
    { "lessons" => @lesson, "imports" => @import, "pages" => @page, "pictures" => @picture, "media" => @asset, "activities" => @activity, "attempts" => @attempt, "polls" => @poll, "takes" => @take, "starting_points" => @kept, "bank_questions" => @banked, "handovers" => @handover, "sittings" => @sitting, "class_tools" => @tool, "classes" => @class }
      .find { |part, _| path.start_with?("/#{part}/:#{name}") }.last.id.to_s
  end

  def params_for(path)
    { lesson: { title: "Ebb" }, teacher: { name: "Maren" }, school: { keep_days: 30 }, email: "tern@gullpoint.example", to: "let_in", take: { title: "Ebb" }, page: @page.id, id: fresh, number: 1, ms: 5, letters: 3, title: "Ebb", page_id: @page.id, content: SORT.to_json,
      poll: @poll.id, choice: "A", as: ("seat" if cookies[:seat].present?), move: { tile: 0, group: 0 }.to_json, from: Live::Feed::FROM, n: 0, shelf: "own", ids: [ @asset.id ], lesson_id: @lesson.id, item: (path == "/seat/roll" ? "die" : "asset"), address: @framed, box: [ 0, 0, 100, 100 ], asset: @import.asset_id, wanted: "1", activity_id: (@quiz.id if path == "/bank"), kind: ("sort" if path.end_with?("/checks", "/proposals")) || ("text" if path.end_with?("/polls", "/polls/new")), sitting: (@sitting.id if path.end_with?("/sendings")), file: (upload(path == "/pictures" ? svg : "Ebb and flow", "tide.txt") if %w[/pictures /media].include?(path)) }.compact
  end

  def refused?
    return true if [ 401, 404, 410 ].include?(response.status)
    response.redirect? && [ new_session_url, join_url ].include?(response.location)
  end
end
