require "test_helper"
require Rails.root.join("core/test/activities/samples")

class ActivitiesTest < ActionDispatch::IntegrationTest
  HTMX = { "HX-Request" => "true" }.freeze
  TABLE = SORT["groups"].flat_map { |group| group["tiles"].map { |tile| [ tile, group["name"] ] } }.freeze

  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    sign_in @owner
  end

  test "made in three steps: fill in, look, put it on the page" do
    get new_lesson_activity_path(@lesson), headers: HTMX
    assert_select ".maker-kind", Usher::Activities.registry.count
    get new_lesson_activity_path(@lesson, kind: "sort"), headers: HTMX
    assert_select "[data-maker-kind=table]"
    post lesson_activities_path(@lesson), params: { kind: "sort", title: "Safe or wait?", table: TABLE.to_json }, headers: HTMX
    made = @lesson.activities.sole
    assert_equal SORT["groups"].map { |group| group["tiles"] }, made.content["groups"].map { |group| group["tiles"].map { |tile| tile["text"] } }
    assert_redirected_to activity_look_path(made)
    follow_redirect!(headers: HTMX.dup)
    assert_select ".player", 1
    post activity_placing_path(made), headers: HTMX
    assert_equal "placed", response.headers["HX-Trigger"]
    item = @lesson.pages.first.items.sole
    assert_equal [ made.id, "Safe or wait?" ], [ item.activity_id, item.data["title"] ]
  end

  test "changing it brings its cards up to date" do
    made = activity(@lesson)
    card_on(@lesson.pages.first, made)
    get edit_activity_path(made), headers: HTMX
    assert_equal TABLE, JSON.parse(css_select("[data-rows]").first["data-rows"]).map { |row| row.map { |cell| cell["text"] } }
    patch activity_path(made), params: { title: "Cross it?", table: TABLE.to_json }, headers: HTMX
    post activity_placing_path(made), headers: HTMX
    assert_equal "Cross it?", @lesson.pages.first.items.sole.data["title"]
    post activity_copy_path(made), headers: HTMX
    assert_equal [ "Cross it?" ] * 2, @lesson.activities.pluck(:title)
  end

  test "what is missing or clashes is said, with what was typed still there" do
    post lesson_activities_path(@lesson), params: { kind: "sort", title: "", table: [ [ "x", "Wait" ] ].to_json, rules: { marked: "parts", tries: "3", minutes: "1,5" } }, headers: HTMX
    assert_response :unprocessable_entity
    assert_equal "1", response.headers["X-Usher-Form"]
    assert_select "[role=alert]", /Give the activity a title.*needs 2 to 6 groups/
    assert_includes css_select("[data-rows]").first["data-rows"], "Wait"
    assert_select "[name='rules[tries]'][value='3']"
    assert_select "[name='rules[marked]'] [selected]", /part by part/
    [ "nonsense", "{", "3", [ 1 ].to_json, [ [ {} ] * 20 ].to_json, "[#{'[],' * 70_000}[]]" ].each do |table|
      post lesson_activities_path(@lesson), params: { kind: "sort", title: "T", table: table }, headers: HTMX
      assert_response :unprocessable_entity, table.first(20)
    end
    [ { kind: "eval" }, {} ].each do |kind|
      post lesson_activities_path(@lesson), params: { title: "T", table: TABLE.to_json, **kind }, headers: HTMX
      assert_match(/does not know this/, response.body)
    end
    [ { marked: "never" }, { points: "0" }, { tries: "99" } ].each do |rules|
      post lesson_activities_path(@lesson), params: { kind: "sort", title: "T", table: TABLE.to_json, rules: rules }, headers: HTMX
      assert_select "[role=alert]", /The rule/
    end
    assert_empty @lesson.activities
  end

  test "rules and settings are kept" do
    post lesson_activities_path(@lesson), params: { kind: "gaps", title: "Tides", text: "The [tide|flood~wind] turns.", table: "[]", settings: { how: "chosen" }, rules: { marked: "whole", tries: "2", minutes: "1.5", points: "3", hints: "cost", solution: "1" } }, headers: HTMX
    made = @lesson.activities.sole
    assert_equal [ "The ", { "right" => %w[tide flood], "wrong" => [ "wind" ] }, " turns." ], made.content["text"]
    assert_equal [ "whole", 2, 90, 3, "cost", true, false ], made.rules.values_at("marked", "tries", "seconds", "points", "hints", "solution", "clock")
    get edit_activity_path(made), headers: HTMX
    assert_select "textarea", "The [tide|flood~wind] turns."
    assert_select "[name='rules[minutes]'][value='1.5']"
  end

  test "every kind has its partials, is shown and played" do
    Usher::Activities.registry.each do |name, kind|
      Samples::CONTENT.fetch(name).each do |content|
        next if kind.build(content).all_faces.any? { |face| face.picture || face.sound }
        made = @lesson.activities.create!(title: kind.title, kind: name, content: content, rules: { "hints" => "free" })
        get edit_activity_path(made), headers: HTMX
        assert_response :success
        get activity_look_path(made), headers: HTMX
        assert_select ".player .player-task", 1, name
        attempt = made.attempts.sole
        attempt.play.cells.size.times { move(attempt, do: "hint") unless attempt.reload.ended }
        assert_select ".player-end", /Done/, name
      end
    end
  end

  test "a go is marked move by move and its answers stay on the server" do
    made = activity(@lesson)
    post activity_attempts_path(made)
    attempt = made.attempts.sole
    move(attempt, piece: "p1", place: astray(attempt, "p1"))
    assert_select ".pool [data-piece=p1]", 1
    assert_select "[role=status]", /does not belong there. It went back/
    %w[p1 p2 p3 p4].each { |piece| move(attempt, piece: piece, place: home(attempt, piece)) }
    assert_select ".player-end", /3 of 4 at the first go/
    assert_equal [ 4, 1, 3, "done" ], [ attempt.reload.answered, attempt.misses, attempt.points, attempt.ended ]
    assert_equal 5, attempt.moves.count
  end

  test "a move sent twice counts once" do
    attempt = activity(@lesson).deal
    2.times { post attempt_moves_path(attempt), params: { id: "once", move: { piece: "p1", place: astray(attempt, "p1") } }, as: :json }
    assert_response :success
    assert_equal [ 1, 1 ], [ attempt.reload.misses, attempt.moves.count ]
  end

  test "impossible moves are refused and change nothing" do
    attempt = activity(@lesson).deal
    [ {}, { id: fresh }, { id: "", move: { piece: "p1", place: "g1" } }, { id: fresh, move: [] }, { id: fresh, move: { piece: "p99", place: "g1" } }, { id: fresh, move: { piece: "p1", place: 1 } },
      { id: { a: 1 }, move: { piece: "p1", place: "g1" } }, { id: fresh, move: { piece: "p1", place: "x" * 5_000 } } ].each do |sent|
      post attempt_moves_path(attempt), params: sent, headers: { "HX-Request" => "true" }, as: :json
      assert_response :unprocessable_entity, sent.inspect
    end
    post attempt_moves_path(attempt), params: "{", headers: { "HX-Request" => "true", "Content-Type" => "text/plain" }
    assert_response :unprocessable_entity
    assert_equal [ 0, {} ], [ attempt.moves.count, attempt.reload.state["answers"] ]
  end

  test "each go is shuffled afresh, and trying out leaves one behind at the most" do
    made = activity(@lesson)
    assert_operator Array.new(12) { made.deal.play.deal.pieces }.uniq.size, :>, 3
    assert_equal 1, made.attempts.count
    3.times { get activity_look_path(made) }
    assert_equal 1, made.attempts.count
  end

  test "a change makes an edition, and a go stays with the one it was dealt from" do
    made = activity(@lesson)
    sitting = Sitting.teach(@lesson, @lesson.pages.first)
    attempt = made.deal(layer: sitting.layer)
    place(attempt, "p1")
    patch activity_path(made), params: { title: "Cross it?", table: [ %w[06:00 Now], %w[07:00 Later] ].to_json }
    assert_equal [ 1, 2 ], made.editions.reload.pluck(:number)
    move(attempt, piece: "p2", place: home(attempt, "p2"))
    assert_response :success
    assert_equal 2, attempt.reload.answered
    assert_equal 2, made.reload.deal(layer: sitting.layer).size
    patch activity_path(made), params: { title: "Cross it now?", table: [ %w[06:00 Now], %w[07:00 Later] ].to_json, rules: { marked: "back", hints: "none", points: "1", clock: "1", moves: "1", solution: "1" } }
    assert_equal 2, made.editions.reload.count, "another title is no other edition"
    assert_raises(ActiveRecord::ReadOnlyRecord) { made.edition.update!(content: SORT) }
  end

  test "in a sitting the go stands at the wall until the page is reset" do
    page = @lesson.pages.first
    card_on(page, made = activity(@lesson))
    sitting = Sitting.teach(@lesson, page)
    post activity_attempts_path(made, sitting: sitting.id, resume: 1)
    attempt = made.attempts.sole
    assert_equal sitting.layer, attempt.layer
    get page_goes_path(page, sitting: sitting.id)
    assert_equal [ { "activity" => made.id, "attempt" => attempt.id } ], response.parsed_body
    post activity_attempts_path(made, sitting: sitting.id, resume: 1)
    assert_equal 1, made.attempts.count
    post page_reset_path(page), params: { id: fresh, sitting: sitting.id }, as: :json
    get page_goes_path(page, sitting: sitting.id)
    assert_empty response.parsed_body
    post activity_attempts_path(made, sitting: 0), headers: { "HX-Request" => "true" }
    assert_match(/not held any more/, response.body)
  end

  test "the time of a go ends it; what was done before and arrives late still counts" do
    made = @lesson.activities.create!(title: "Quick", kind: "sort", content: SORT, rules: { "seconds" => 30, "marked" => "parts" })
    attempt = made.deal
    travel 40.seconds
    get attempt_path(attempt)
    assert_select ".player-end", /time is over/
    move(attempt, ago: 20, piece: "p1", place: home(attempt, "p1"))
    assert_response :success
    post attempt_moves_path(attempt), params: { id: fresh, move: { piece: "p2", place: "g1" } }, headers: { "HX-Request" => "true" }, as: :json
    assert_match(/time for this go is over/, response.body)
    assert_equal 1, attempt.reload.answered
  end

  # What a class must not read before it may: words that stand nowhere on the page they play.
  SECRETS = { "gaps" => %w[tide flood twice ebb], "number" => [ "2.5", ">6<", "\"6\"" ], "crossword" => %w[HARBOUR ANCHOR STERN], "cards" => [ "the tide goes", "the tide comes" ], "memory" => %w[anchor ebb port], "find" => [ "polygon", "0.35", "ellipse" ] }.freeze

  test "right answers reach no browser before they may be seen, in no kind and no way to mark" do
    sitting = sit(@lesson)
    student = Participant.of(come_in(sitting))
    Usher::Activities.registry.each do |name, kind|
      Usher::Activities::Rules::WAYS.each do |way|
        made = @lesson.activities.create!(title: "Secret", kind: name, content: in_words(Samples::CONTENT.fetch(name).first, picture: picture_of(@owner).id), rules: { "marked" => way })
        [ made.deal(to: student), made.deal(layer: sitting.layer) ].each do |attempt|
          sign_in @owner if attempt.layer
          received = [ get(attempt_path(attempt)) && response.body ]
          play = attempt.play
          wrong = wrong_move(play.kind, play.deal, play.answers, play.cells.first)
          received << (move(attempt, **wrong.symbolize_keys) && response.body) if wrong
          received << (get(attempt_path(attempt, solved: (1 unless attempt.layer))) && response.body)
          SECRETS.fetch(name, []).each { |word| assert_not received.any? { |body| body.include?(word) }, "#{name}, #{way}: #{word} in what was received" }
          unless Usher::Activities::Rules::LIVE.include?(way)
            assert_no_match(/piece-(right|not|partly)|class="sign|gap-(right|not)|is-found|It went back/, received.join, "#{name}, #{way}")
          end
        end
      end
    end
  end

  test "results stay after the doors are shut, question by question, and a go is watched again" do
    made = activity(@lesson)
    sitting = sit(@lesson)
    goes = %w[Juniper =Rowan].map { |name| made.deal(to: Participant.of(seat(sitting, name))) }
    piece = goes[0].play.deal.name(0) # 11:30
    place(goes[0], piece, astray(goes[0], piece))
    goes[0].play.deal.names.each { |name| place(goes[0], name) }
    other = goes[1].play.deal.name(0)
    place(goes[1], other, astray(goes[1], other))
    sitting.shut
    get activity_results_path(made), headers: HTMX
    rows = css_select("tbody tr").map { |row| row.text.squish }
    assert_match(/Juniper 3 of 4 0:0\d ✗ 1 wrong try ?✓ ?✓ ?✓/, rows.last)
    assert_select "th.is-hardest", /11:30/
    assert_select ".maker-kept", /11:30.*“Wait”.*2 times/m
    get activity_results_path(made, format: :csv)
    assert_equal "text/csv", response.media_type
    table = CSV.parse(response.body, headers: true)
    assert_equal [ "'=Rowan", "Juniper" ], table["Name"]
    assert_equal [ "0", "1" ], table.find { |row| row["Name"] == "Juniper" }.values_at("11:30: first try", "12:40: first try")
    get attempt_replay_path(goes[0], at: 2), headers: HTMX
    assert_select "[data-place=#{home(goes[0], 'p1')}] [data-piece=p1]"
    get attempt_replay_path(goes[0], at: 1), headers: HTMX
    assert_select "[data-place] [data-piece]", 0
    patch activity_path(made), params: { title: "Cross it?", table: [ %w[06:00 Now], %w[07:00 Later] ].to_json }
    get activity_results_path(made), headers: HTMX
    assert_select "tbody tr", 2, "the edition that was played"
  end

  test "what lies on the page is proposed, and fills the form in" do
    page = @lesson.pages.first
    get new_lesson_activity_path(@lesson, page: page.id), headers: HTMX
    assert_select "h3", text: "From what is on this page", count: 0
    lay(page, { "kind" => "text", "id" => "tale", "x" => 100, "y" => 100, "width" => 600, "height" => 80, "text" => "At ebb the water falls and leaves the harbour. Twice a day it rises again." })
    get new_lesson_activity_path(@lesson, page: page.id), headers: HTMX
    assert_select ".maker-kind", text: /At ebb the water falls.*Fill the gaps/m
    post lesson_proposals_path(@lesson, page: page.id, kind: "gaps", from: "tale"), headers: HTMX
    assert_select "textarea", text: /\[\w+\]/
    assert_select "option[value=dragged][selected]"
    post lesson_proposals_path(@lesson, page: page.id, kind: "gaps", from: "gone"), headers: HTMX
    assert_response :unprocessable_entity
    assert_match(/not on the page any more/, response.body)
    2.times { @lesson.add_page }
    post lesson_proposals_path(@lesson, page: page.id, kind: "order", from: "pages"), headers: HTMX
    assert_equal 3, JSON.parse(css_select("[data-rows]").first["data-rows"]).first.compact.size
  end

  test "the place of a picture is kept before it has come" do
    picture = picture_of(@owner)
    made = @lesson.activities.create!(title: "Where", kind: "find", content: in_words(Samples::CONTENT.fetch("find").first, picture: picture.id))
    post activity_attempts_path(made), headers: HTMX
    assert_select ".pictured-frame img[width='#{picture.width.ceil}'][height='#{picture.height.ceil}']", 1
  end

  test "printed words that were rubbed out become labels, and stay out of the picture" do
    page = @lesson.pages.first
    picture = picture_of(@owner)
    picture.update!(lines: [ [ 0.2, 0.4, 0.2, 0.1, "the mole" ] ])
    lay(page, { "kind" => "picture", "id" => "bay", "x" => 100, "y" => 100, "width" => 400, "height" => 300, "angle" => 30, "picture" => picture.id, "alt" => "The bay" })
    get new_lesson_activity_path(@lesson, page: page.id), headers: HTMX
    assert_select ".maker-kind", text: /Label the picture/m, count: 1
    page.perform({ "verb" => "rub", "id" => "bay", "path" => [ [ 210, 180 ], [ 280, 220 ] ], "radius" => 20 }, id: fresh, by: @owner)
    post lesson_proposals_path(@lesson, page: page.id, kind: "label", from: "bay"), headers: HTMX
    table = css_select("[data-rows]").first
    assert_equal [ "the mole" ], JSON.parse(table["data-rows"]).map(&:first)
    taken = Picture.find(JSON.parse(table["data-picture"])["picture"])
    assert_equal [ true, 4 / 3r ], [ taken != picture, (taken.width.to_r / taken.height).rationalize(1/100r) ]
    dots = Vips::Image.new_from_buffer(taken.file.download, "")
    rubbed, kept = [ [ 0.3, 0.45 ], [ 0.8, 0.9 ] ].map { |across, down| dots.getpoint(dots.width * across, dots.height * down).first(3).map(&:round) }
    assert_in_delta 0x79, kept.last, 4
    assert_operator rubbed.min, :>, 0xd0, "the words are gone"
  end

  test "another kind is made of the same content where that can be" do
    made = @lesson.activities.create!(title: "Pairs", kind: "match", content: { "rows" => [ %w[ebb falls], %w[flood rises], %w[slack stands] ] })
    get new_activity_copy_path(made), headers: HTMX
    assert_select ".maker-kind b", text: "Memory pairs"
    assert_select ".maker-kind b", text: "Find it on the picture", count: 0
    post activity_copy_path(made, kind: "memory"), headers: HTMX
    assert_equal [ "memory", "Pairs", 3 ], @lesson.activities.last.then { |copy| [ copy.kind, copy.title, copy.content["pairs"].size ] }
    assert_no_difference -> { Activity.count } do
      %w[find nothing].each do |kind|
        post activity_copy_path(made, kind: kind), headers: HTMX
        assert_response :unprocessable_entity
      end
    end
  end

  test "pictures and sounds for its parts come from the page, the store room and its shelves" do
    page, picture = @lesson.pages.first, picture_of(@owner)
    lay(page, { "kind" => "picture", "id" => "pic", "x" => 0, "y" => 0, "width" => 40, "height" => 30, "picture" => picture.id, "alt" => "The mole" })
    own = @owner.assets.create!(kind: "picture", name: "buoy.png", content_type: "image/png", picture: picture)
    sound = @owner.assets.create!(kind: "sound", name: "horn.mp3", content_type: "audio/mpeg")
    take = ->(shelf, id) { post(lesson_faces_path(@lesson, shelf: shelf, page: page.id), params: { id: id }, as: :json) && response.parsed_body }
    get lesson_faces_path(@lesson, page: page.id), headers: HTMX
    assert_select "[data-face=pic]", text: "The mole"
    assert_equal({ "picture" => picture.id }, take.("page", "pic"))
    assert_equal({ "picture" => picture.id }, take.("own", own.id))
    assert_equal({ "sound" => sound.id }, take.("sounds", sound.id))
    get lesson_faces_path(@lesson, shelf: "drawings", q: "boat", part: "things"), headers: HTMX
    drawing = css_select("[data-face]").first["data-face"]
    assert @owner.pictures.exists?(take.("drawings", drawing).fetch("picture"))
    get lesson_faces_path(@lesson, shelf: "sounds", only: "picture"), headers: HTMX
    assert_select ".store-shelves button", text: "My sounds", count: 0
    [ %w[page none], [ "own", 0 ], %w[drawings nothing], [ "own", [ 1 ] ] ].each do |shelf, id|
      take.(shelf, id)
      assert_response :unprocessable_entity
      assert_match(/no longer there/, response.body)
    end
  end

  test "a teacher marks a go by hand, with comments, and the student reads it" do
    made = @lesson.activities.create!(title: "Past", kind: "gaps", content: Samples::CONTENT["gaps"].first, rules: { "marked" => "teacher", "points" => 2 })
    sitting = sit(@lesson)
    juniper = come_in(sitting)
    go = made.deal(to: Participant.of(juniper))
    [ { field: "f1", text: "tyde" }, { field: "f2", text: "twice" }, { do: "finish" } ].each { |sent| move(go, **sent) }
    get attempt_path(go)
    assert_match(/Your teacher\s+looks\s+at/, response.body)
    get attempt_replay_path(go), headers: HTMX
    assert_select ".marking td", text: "tyde"
    patch attempt_remarks_path(go), params: { remarks: { "0" => { points: "1,5", comment: "Nearly: i, not y" }, "1" => { points: "", comment: "" } } }
    assert_equal [ 3.5, [ 0 ] ], [ go.reload.points, go.remarks.map(&:question) ]
    get activity_results_path(made, format: :csv)
    assert_equal "Nearly: i, not y", CSV.parse(response.body, headers: true).first["tide: comment"]
    delete session_path
    get attempt_path(go)
    assert_select ".remarks li", text: /Question 1: 1.5 points — Nearly: i, not y/
    assert_no_match(/tide/, response.body)
    sign_in @owner
    [ { "9" => { points: 1 } }, { "0" => { points: 3 } }, { "0" => { points: -1 } }, { "0" => { points: "many" } }, { "0" => "x" }, { "0" => { comment: "x" * 500 } } ].each do |bad|
      patch attempt_remarks_path(go), params: { remarks: bad }, headers: HTMX
      assert_response :unprocessable_entity, bad.inspect
    end
    assert_equal 3.5, go.reload.points
    begun = made.deal(to: Participant.of(juniper))
    begun.remark("0" => { "points" => "1" })
    begun.move({ "field" => "f2", "text" => "twice" }, id: fresh)
    assert_equal 3, begun.reload.points, "a move after it leaves the teacher's word"
    patch attempt_remarks_path(go), params: { remarks: { "0" => { points: "", comment: "" } } }
    assert_equal [ 2.0, 0 ], [ go.reload.points, go.remarks.count ]
  end

  test "every kind is printed, to be solved or solved, and with its lesson only to be solved" do
    Usher::Activities.registry.each do |name, kind|
      made = @lesson.activities.create!(title: kind.title, kind: name, content: in_words(Samples::CONTENT.fetch(name).first, picture: picture_of(@owner).id))
      get activity_paper_path(made, format: :pdf)
      assert_equal "%PDF-", response.body[0, 5], name
    end
    gaps = @lesson.activities.find_by(kind: "gaps")
    card_on(@lesson.pages.first, gaps)
    texts = [ Usher::Formats::Pdf::Writer.write(gaps.paper), Usher::Formats::Pdf::Writer.write(gaps.paper(solved: true)), LessonPrint.new(@lesson).pdf ].map { |pdf| Open3.capture2("pdftotext", "-", "-", stdin_data: pdf, binmode: true).first }
    assert_equal [ false, true, false ], texts.map { |text| text.include?("twice") }
    assert_match(/comes in _+/, texts.last)
  end

  test "words are read aloud where the teacher says so, in the language chosen" do
    silent, aloud = [ "", "de" ].map { |language| activity(@lesson).tap { |made| made.update!(rules: { "language" => language }) }.deal }
    get attempt_path(silent)
    assert_select "[data-sound]", 0
    get attempt_face_path(silent, "p1", part: "said")
    assert_response :not_found
    get attempt_path(aloud)
    assert_select "[data-piece=p1] [data-sound]", 1
    get attempt_face_path(aloud, "p1", part: "said")
    assert_equal "audio/mp4", response.media_type
    made = activity(@lesson)
    patch activity_path(made), params: { title: made.title, table: TABLE.to_json, rules: { marked: "back", points: 1, hints: "none", language: "xx" } }, headers: HTMX
    assert_response :unprocessable_entity
  end

  test "what is missing or clashes is said while it is filled in, and nothing is kept" do
    check = ->(kind, table) { post(lesson_checks_path(@lesson), params: { kind: kind, title: "", table: table.to_json }, headers: { "Accept" => "application/json" }) && response.parsed_body["refused"] }
    assert_no_difference -> { Activity.count + Edition.count } do
      assert_nil check.("sort", TABLE)
      assert_match(/Row 2 needs/, check.("match", [ %w[ebb falls], [ "flood", "" ] ]))
      assert_match(/“falls” would belong to two rows/, check.("match", [ %w[ebb falls], %w[flood falls] ]))
      check.("nothing", [])
      assert_response :unprocessable_entity
    end
  end

  test "pictures come from the go, under the names of its deal, while they can be seen" do
    picture = picture_of(@owner)
    made = @lesson.activities.create!(title: "Pairs", kind: "memory", content: { "pairs" => [ [ { "picture" => picture.id, "alt" => "A buoy" }, "buoy" ], %w[ebb flow] ] })
    card_on(@lesson.pages.first, made)
    sitting = sit(@lesson)
    attempt = made.deal(to: Participant.of(come_in(sitting)))
    card = attempt.play.deal.pieces.key(0)
    get attempt_face_path(attempt, card, part: "picture")
    assert_response :not_found, "it lies face down"
    post attempt_moves_path(attempt), params: { id: fresh, move: { turn: card } }, as: :json
    assert_select "img[alt='A buoy'][src='#{attempt_face_path(attempt, card, part: "picture")}']"
    assert_no_match(/pictures|#{picture.id}\.png|#{picture.name}/, response.body)
    get attempt_face_path(attempt, card, part: "picture")
    assert_response :success
    assert_equal picture.content_type, response.media_type
    get attempt_face_path(attempt, card, part: "picture", solved: true)
    assert_response :success
    %w[sound said file].each { |part| get(attempt_face_path(attempt, card, part: part)) || assert_response(:not_found) }
    foreign = @lesson.activities.new(title: "Theirs", kind: "memory", content: { "pairs" => [ [ { "picture" => picture_of(teacher("Ivo")).id }, "b" ], %w[c d] ] })
    assert_not foreign.save
    assert_match(/not in your store room/, foreign.errors.full_messages.join)
  end

  test "how it is solved is the teacher's to show at the wall, and nobody's to ask for before" do
    attempt = activity(@lesson).deal
    get attempt_path(attempt, solved: 1)
    assert_select ".piece-right", 4
    assert_empty attempt.reload.state["answers"]
  end

  private

  include Samples

  def move(attempt, ago: nil, **move) = post(attempt_moves_path(attempt), params: { id: fresh, move: move, ago: ago }.compact, as: :json)
end
