require "test_helper"

# Nothing that a teacher pastes or frames gets any power in Usher's own origin, and nothing is read to
# somebody who may not see it.
class OutsideTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
  end

  test "embed code is reduced to the address of its frame" do
    sign_in @owner
    embed(%(<script>alert(1)</script><iframe width="560" height="315" src="https://tides.example/embed?x=1" title="Tides" onload="alert(2)" srcdoc="<script>3</script>" allow="camera"></iframe>))
    assert_equal({ "kind" => "framed", "address" => "https://tides.example/embed?x=1", "title" => "Tides", "width" => 560, "height" => 315 }, answer["item"])
    assert_equal [ "tides.example", false ], answer.values_at("host", "allowed")
    { "<script src=https://x.example></script>" => /no framed page/, "<iframe src='javascript:alert(1)'></iframe>" => /must begin/, "<iframe src='data:text/html,<script>1</script>'></iframe>" => /must begin|a web address/,
      "javascript:alert(1)" => /must begin/, "<iframe srcdoc='<script>1</script>'></iframe>" => /no framed page/, "" => /Paste/, "x" * 21_000 => /longer/ }.each do |code, words|
      embed(code)
      assert_response :unprocessable_entity, code[0, 40]
      assert_match words, answer["error"]
    end
  end

  test "only hosts the teacher allowed are framed, and only in that teacher's lessons" do
    sign_in @owner
    get lesson_path(@lesson)
    assert_match(/frame-src 'self';/, policy)
    post host_path, params: { address: "https://tides.example/embed" }, as: :json
    [ "http://plain.example/", "https://user:pw@x.example/", "https://x.example:8443/", "https://x.example; script-src *", "javascript:1", nil, 7 ].each do |address|
      post host_path, params: { address: address }, as: :json
      assert_response :unprocessable_entity, address.inspect
    end
    assert_equal [ "tides.example" ], @owner.reload.hosts
    get lesson_teach_path(@lesson)
    assert_match(%r{frame-src 'self' https://tides\.example;}, policy)
    assert_match(/script-src 'self' 'nonce-/, policy)
    sit(@lesson).then { |sitting| come_in(sitting) }
    get seat_path
    assert_match(%r{frame-src 'self' https://tides\.example;}, policy)
    get frame_path(address: "https://tides.example/embed")
    assert_redirected_to "https://tides.example/embed"
    get frame_path(address: "https://elsewhere.example/")
    assert_match(/not allowed/, response.body)
    delete host_path, params: { host: "tides.example" }, as: :json
    assert_empty @owner.reload.hosts
    @owner.allow_host("https://tides.example/")
    sign_in(other = teacher("Ivo"))
    get lesson_path(lesson(other))
    assert_match(/frame-src 'self';/, policy)
  end

  test "what a frame shows is closed off from Usher, whatever it holds" do
    sign_in @owner
    get frame_path(address: "https://gullpoint.example/tides")
    assert_response :success
    assert_match(/\Asandbox; default-src 'none'/, policy)
    assert_no_match(/allow-same-origin|allow-scripts|script-src/, policy)
    assert_match(/Tide times/, response.body)
    assert_no_match(%r{src="(?!data:)}, response.body)
  end

  test "a page from outside keeps words, tables, links and pictures, and nothing that acts" do
    hostile = %(<h1 onclick="x()">Tide</h1><script>alert(1)</script><img src="javascript:x" onerror=alert(1)><img src="https://a.example/b.svg" onerror="x"><a href="javascript:x">go</a><unknown><script>alert(2)</script><b style="x:y">bold</b></unknown>
      <svg><script>3</script></svg><iframe src="https://x"></iframe><form action=/x><input></form><template><script>4</script></template><math><mtext><img src=x onerror=5></mtext></math><!-- <script>6</script> -->)
    clean = Usher::Formats::Html::Article.clean(hostile)
    assert_no_match(/script|alert|onclick|onerror|javascript|iframe|form|input|style|<svg|math|template|<!--/, clean)
    assert_match(%r{<h1>Tide</h1>.*<img src="https://a\.example/b\.svg">.*<a>go</a><b>bold</b>}m, clean)
  end

  test "a card knows what the web outside knows of its address, and only web addresses become one" do
    sign_in @owner
    post link_card_path, params: { address: "gullpoint.example/tides" }, as: :json
    assert_equal [ "Tide times at Gull Point", "https://gullpoint.example/tides" ], answer["item"].values_at("title", "address")
    lay(@page, { "id" => "card", "x" => 0, "y" => 0, **answer["item"] })
    post link_card_path, params: { address: "https://unknown.example/x" }, as: :json
    assert_equal "", answer["item"]["title"]
    [ "javascript:alert(1)", "mailto:a@b.example", "nonsense", nil ].each do |address|
      post link_card_path, params: { address: address }, as: :json
      assert_response :unprocessable_entity
    end
  end

  test "a thing is read aloud once for each voice, to those who may see it, without what is covered" do
    lay(@page, note("said", text: "Low tide at noon"), note("secret", x: 700, text: "Answer", audience: "room"))
    sign_in @owner
    2.times { get page_speech_path(@page, item: "said", language: "en-gb", speed: 150) }
    assert_equal [ "audio/mp4", 1 ], [ response.media_type, Utterance.count ]
    get page_speech_path(@page, item: "said", language: "fr", speed: 120)
    assert_equal 2, Utterance.count
    get page_speech_path(@page, item: "said", language: "xx; rm -rf"), headers: { "Accept" => "application/json" }
    assert_response :unprocessable_entity
    delete session_path
    sitting = sit(@lesson)
    come_in(sitting)
    get page_speech_path(@page, item: "said")
    assert_response :success
    get page_speech_path(@page, item: "secret")
    assert_response :not_found
    lay(@page, { "kind" => "cover", "id" => "patch", "x" => 90, "y" => 90, "width" => 340, "height" => 240 })
    get page_speech_path(@page, item: "said")
    assert_response :not_found
  end

  test "what the teacher plays is told to devices, also to one that comes later; nonsense is not passed on" do
    sit(@lesson)
    mark = @lesson.sitting.device_feed.mark[:n]
    Live::Media.new("page" => @page.id, "item" => "film", "playing" => true, "at" => 12.5, "rate" => 1).tell(@lesson, @lesson.sitting)
    assert_equal "film", JSON.parse(@lesson.sitting.device_feed.since(Live::Feed::FROM, mark).last).dig("media", "item")
    travel 4.seconds do
      assert_in_delta 16.5, Live::Media.now(@lesson.sitting)[:at], 1.1 # time travels by whole seconds
    end
    Live::Media.new({}).tell(@lesson, @lesson.sitting)
    assert_nil Live::Media.now(@lesson.sitting)
    [ { "item" => "film", "page" => "x", "playing" => true, "at" => 1 }, { "item" => "film", "page" => 1, "playing" => "yes", "at" => 1 }, { "item" => "film", "page" => 1, "playing" => true, "at" => -1 }, { "item" => "film", "page" => 1, "playing" => true, "at" => 1, "rate" => 99 }, { "item" => { "a" => 1 }, "page" => 1 } ].each do |data|
      assert_raises(Usher::Invalid) { Live::Media.new(data) }
    end
  end

  private

  def embed(code) = post(embed_path, params: { code: code }, as: :json)
  def policy = response.headers["Content-Security-Policy"]
end
