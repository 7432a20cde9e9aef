require "test_helper"

class TakesAndSharesTest < ActionDispatch::IntegrationTest
  include ActiveJob::TestHelper

  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @first, @second = @lesson.pages.to_a
    sign_in @owner
  end

  test "a take plays from how the page was, with every operation at its moment" do
    lay(@first, note("before"))
    post lesson_takes_path(@lesson), params: { page: @first.id }, as: :json
    take = Take.find(answer["take"])
    stroke = { kind: "ink", id: "s", points: [ [ 10, 10, nil, 0 ], [ 50, 50, nil, 400 ] ] }
    record(take, @first, 1200, { verb: "put", items: [ stroke ] })
    record(take, @first, 1900, { verb: "remove", ids: [ "before" ] })
    record(take, @second, 3000, { verb: "turn" })
    record(take, @second, 3500, { verb: "put", items: [ note("on-two") ] })
    lay(@first, note("after"))
    perform_enqueued_jobs { post take_stop_path(take), params: { ms: 5000, trail: [ [ 700, @first.id, 20, 30 ], [ 900, @first.id ] ] }, as: :json }
    assert_equal take_path(take), answer["at"]
    get take_film_path(take)
    assert_equal [ @first.id, 5000, [ 1200, 1900, 3000, 3500 ] ], [ answer["page"], answer["until"], answer["events"].map { |event| event["at"] } ]
    assert_equal [ "before" ], answer["items"].map { |item| item["id"] }
    assert_equal 400, answer["events"].first["put"].first["ink"]["points"].last.last
    assert_equal [ [ 700, @first.id, 20, 30 ], [ 900, @first.id ] ], answer["trail"]
    assert_equal [ 0, 3000 ], take.reload.chapters.map { |chapter| chapter["at"] }
    get take_film_path(take, at: 1300)
    assert_equal [ [ "before" ], "s", 1200 ], [ answer["items"].map { |item| item["id"] }, answer["wet"].sole["id"], answer["wet"].sole["began"] ]
    get take_film_path(take, at: 4000)
    assert_equal [ @second.id, [ "on-two" ], [] ], [ answer["page"], answer["items"].map { |item| item["id"] }, answer["events"] ]
    get take_film_path(take, at: "soon"), as: :json
    assert_response :unprocessable_entity
  end

  test "a take stays as it was made, whatever becomes of its pages" do
    lay(@first, note("a"))
    take = Take.start(@first.showing)
    record(take, @first, 100, { verb: "put", items: [ note("b", x: 600) ] })
    was = shown_in(take)
    lay(@first, note("c", x: 900))
    @first.perform({ "verb" => "remove", "ids" => %w[a b] }, id: fresh, by: @owner)
    @lesson.bin_pages([ @first ])
    assert_equal was, Take.find(take.id).film.at(400)["items"]
  end

  test "a take shows what the room saw: nothing for devices only, nothing from the wings" do
    take = Take.start(@first.showing)
    record(take, @first, 100, { verb: "put", items: [ note("seen"), note("theirs", audience: "devices"), note("wings", x: 1800), note("ours", audience: "room", x: 600) ] })
    record(take, @first, 200, { verb: "change", changes: [ { id: "seen", set: { audience: "devices" } } ] })
    assert_equal 2, shown_in(take, 150).size
    assert_equal [ "ours" ], shown_in(take, 250).map { |svg| svg[/data-item="([^"]+)/, 1] }
  end

  test "polls, plays and changes of the running order are part of it, at the moment the board says" do
    sitting = sit(@lesson)
    come_in(sitting)
    sign_in @owner
    take = Take.start(@first.showing(Viewer.teaching(sitting)))
    moment = ->(ms) { { "X-Usher-Take" => take.id.to_s, "X-Usher-Ms" => ms.to_s } }
    post lesson_polls_path(@lesson, letters: 3), headers: moment[100]
    patch poll_path(Poll.last, revealed: 1), headers: moment[200]
    post lesson_pages_path(@lesson), params: { page: @first.id }, headers: moment[300], as: :json
    patch poll_path(Poll.last, closed: 1), headers: moment[400]
    playing = activity(@lesson)
    post activity_attempts_path(playing, sitting: sitting.id), headers: moment[500]
    take.update!(length_ms: 1_000)
    take.make
    assert_equal [ [ "A", "B", "C" ], false ], take.film.at(150)["shown"]["poll"].values_at("choices", "revealed")
    assert_equal({ "A" => 0, "B" => 0, "C" => 0 }, take.film.at(250)["shown"]["poll"]["counts"])
    assert_equal 3, take.film.at(350)["shown"]["order"]["pages"]
    assert_nil take.film.at(450)["shown"]["poll"]
    assert_equal [ "Safe or wait?", 0, 4 ], take.film.at(600)["shown"]["play"].values_at("title", "placed", "size")
  end

  test "the voice is joined from its pieces, each kept once, and served in byte ranges" do
    take = Take.start(@first.showing)
    pieces_of_speech.each_with_index { |piece, number| 2.times { voice(take, number, piece) } }
    assert_response :created
    perform_enqueued_jobs { post take_stop_path(take), params: { ms: 2000 }, as: :json }
    assert take.reload.ready?, take.state
    assert_empty take.voice_pieces
    get take_voice_path(take), headers: { "Range" => "bytes=0-99" }
    assert_response :partial_content
    assert_equal 100, response.body.bytesize
    seconds = take.voice.open { |file| `ffprobe -v error -show_entries format=duration -of csv=p=0 #{file.path}`.to_f }
    assert_in_delta 2, seconds, 0.2
  end

  test "a voice in MP4, as some browsers record it, is joined too" do
    take = Take.start(@first.showing)
    pieces_of_speech("-c:a", "aac", "-f", "mp4", "-movflags", "frag_keyframe+empty_moov").each_with_index { |piece, number| take.keep_piece(number, piece) }
    perform_enqueued_jobs { post take_stop_path(take), params: { ms: 2000 }, as: :json }
    assert_equal [ true, "audio/mp4" ], [ take.reload.ready?, take.voice.content_type ]
  end

  test "pieces and stops that are not right are refused" do
    take = Take.start(@first.showing)
    voice(take, "x", "a")
    assert_response :unprocessable_entity
    voice(take, 0, "")
    assert_response :unprocessable_entity
    voice(take, 0, "a" * (Take::Voice::LARGEST_PIECE + 1))
    assert_response :unprocessable_entity
    post take_stop_path(take), params: { ms: -1 }, as: :json
    assert_response :unprocessable_entity
    post take_stop_path(take), params: { ms: 10, trail: [ [ 1, 2, "x", 3 ] ] }, as: :json
    assert_match(/point of the pointer/i, answer["error"])
    assert take.reload.recording?
    get take_film_path(take)
    assert_response :not_found
    post take_stop_path(take), params: { ms: 10 }, as: :json
    post take_stop_path(take), params: { ms: 10 }, as: :json
    assert_match(/stopped/, answer["error"])
    voice(take, 1, "late")
    assert_response :unprocessable_entity
  end

  test "a broken voice makes the take fail in words, and loses nothing" do
    [ "this is not sound", "ffconcat version 1.0\nfile raw\n", "#EXTM3U\n#EXTINF:1,\n/etc/hostname\n" ].each do |sound|
      take = Take.start(@first.showing)
      take.keep_piece(0, sound)
      take.update!(state: "making")
      assert_raises(Usher::Invalid) { take.make }
      assert take.reload.failed?
      assert_equal 1, take.voice_pieces.count
      get take_path(take)
      assert_select ".said-wrong", /could not be made ready/
    end
  end

  test "an operation cannot be written into somebody else's take" do
    theirs = Take.start(lesson(teacher("Ivo")).pages.first.showing)
    record(theirs, @first, 10, { verb: "put", items: [ note ] })
    assert_response :success
    assert_nil Operation.last.take
  end

  test "a lesson is private until shared, readable by link, and private again" do
    lay(@first, note("n", text: "Spring tide"), note("w", text: "Secret", x: 1800))
    post lesson_share_path(@lesson)
    2.times { post lesson_share_path(@lesson) }
    token = @lesson.shares.sole.token
    assert_select "input[readonly][value$='/s/#{token}']"
    reset!
    get shared_path(token)
    assert_select "h1", "Tides"
    get shared_pdf_path(token)
    assert_equal "application/pdf", response.media_type
    text, = Open3.capture2("pdftotext", "-", "-", stdin_data: response.body, binmode: true)
    assert_includes text, "Spring tide"
    assert_not_includes text, "Secret"
    sign_in @owner
    delete lesson_share_path(@lesson)
    reset!
    [ shared_path(token), shared_pdf_path(token), shared_path("x" * 32) ].each do |path|
      get path
      assert_response :not_found
      assert_select "h1", "This lesson is not shared"
    end
  end

  test "a shared lesson in the bin is not readable" do
    token = @lesson.shares.create!.token
    @lesson.bin
    get shared_pdf_path(token)
    assert_response :not_found
  end

  test "the PDF follows the lesson" do
    share = @lesson.shares.create!
    before = share.pdf
    assert_equal before, share.pdf
    lay(@first, note("n", text: "Neap"))
    text, = Open3.capture2("pdftotext", "-", "-", stdin_data: Share.find(share.id).pdf, binmode: true)
    assert_includes text, "Neap"
  end

  private

  # The drawings that a take shows at a moment.
  def shown_in(take, ms = 400)
    take.update!(length_ms: 1_000)
    take.make
    take.film.at(ms)["items"]
  end

  def record(take, page, ms, operation)
    post page_operations_path(page), params: { operations: [ { id: fresh, operation: operation, take: take.id, ms: ms } ] }.to_json, headers: { "Content-Type" => "application/json", "Accept" => "application/json" }
    assert_nil answer["refused"]
  end

  def voice(take, number, sound)
    post take_voice_pieces_path(take, number: number), params: sound, headers: { "Content-Type" => "application/octet-stream", "Accept" => "application/json" }
  end

  # Two seconds of a tone as a browser would send them: WebM without a length, cut anywhere.
  def pieces_of_speech(*way)
    way = %w[-c:a libopus -f webm -live 1] if way.empty?
    sound, = Open3.capture2("ffmpeg", "-loglevel", "error", "-f", "lavfi", "-i", "sine=frequency=440:duration=2", *way, "pipe:1", binmode: true)
    sound.scan(/.{1,4000}/mn)
  end
end
