require "application_system_test_case"

# Bringing things in and using them: the store room, pictures, players, cameras, papers, the web outside.
class MediaTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "a drawing is found by any form of its word, tapped, dragged to a place, taken by keys, several at once" do
    open_room "Drawings"
    fill_in "Find by words", with: "lighthouses"
    find("[data-thing][title='Lighthouse']").click
    picture = eventually { items(@page, "picture").first }
    assert_equal "Lighthouse", picture.data["alt"]
    fill_in "Find by words", with: "mice"
    thing = find("[data-thing][title='Mouse']", match: :first)
    rect = thing.native.rect
    draw [ [ rect.x + 40, rect.y + 40 ], [ rect.x - 40, rect.y + 60 ], on_screen(300, 300), on_screen(320, 300) ]
    mouse = eventually { items(@page, "picture").find { |item| item.data["alt"] == "Mouse" } }
    assert_in_delta 320, mouse.data["x"] + mouse.data["width"] / 2, 4
    fill_in "Find by words", with: "anchor"
    find("[data-thing][title='Anchor']", match: :first).send_keys(:enter)
    eventually { items(@page, "picture").size == 3 }
    find("label", text: "Choose several").click
    all("[data-thing]").first(2).each(&:click)
    assert_text "2 chosen"
    click_button "Put on the page"
    eventually { items(@page, "picture").size == 5 }
    assert_accessible
    fill_in "Find by words", with: "xyzzy"
    assert_text "Nothing here for “xyzzy”"
  end

  test "what is typed while another shelf is on its way is looked for there" do
    open_room
    cdp "Network.enable"
    cdp "Network.emulateNetworkConditions", offline: false, latency: 700, downloadThroughput: -1, uploadThroughput: -1
    find(".store-shelves button", text: "Drawings").click
    fill_in "Find by words", with: "lighthouses"
    assert_selector "[data-store][data-shelf=drawings]"
    assert_field "Find by words", with: "lighthouses"
    assert page.evaluate_script("document.activeElement.name === 'q'"), "the hand can go on typing"
    assert_selector "[data-thing][title='Lighthouse']"
  ensure
    cdp "Network.emulateNetworkConditions", offline: false, latency: 0, downloadThroughput: -1, uploadThroughput: -1
  end

  test "several files at once, each with its own way; what is refused says why and harms nothing" do
    open_room
    attach_file "Files from this device", [ file("boat.svg", svg), file("tide.wav", Media.wav), file("photo.heic", "\0\0\0\x18ftypheic".b.ljust(64, "\0")) ], make_visible: true
    assert_selector "#uploads [role=alert]", text: "Save or send it as JPEG"
    assert_selector "[data-thing][data-kind=picture]", text: "boat"
    assert_selector "[data-thing][data-kind=sound]", text: "tide"
    within("#uploads") { click_button "Close" }
    assert_no_selector "#uploads li"
    attach_file "bring-in", [ file("harbour.svg", svg), file("knot.svg", svg) ], make_visible: true
    one, other = eventually { items(@page, "picture").then { |both| both if both.size == 2 } }.map { |item| item.placed.item.box }
    refute one.meets?(other)
    both = Usher::Geometry::Box.around(one.corners + other.corners)
    across = on_screen(both.width, 0)[0] - on_screen(0, 0)[0]
    eventually { find("#choice .frame", visible: :all)[:width].to_f > across } # both are chosen
    find("#stage").send_keys :delete
    eventually { items(@page, "picture").empty? }
  end

  test "things of the teacher's own are renamed, put into a folder, and deleted with a word about where they are used" do
    asset = @owner.assets.take_in(upload(svg, "boat.svg"))
    lay(@page, *asset.items_at([ 500, 400 ], lesson: @lesson))
    visit store_room_path
    assert_selector "[data-store-room][data-ready]"
    find("[data-thing]").click
    click_button "Rename"
    within("dialog") { fill_in "What is it called?", with: "Old boat" and click_button "Rename" }
    assert_selector "[data-thing][title='Old boat'][aria-pressed=true]"
    click_button "Folder"
    within("dialog") { find("input").set("Harbour") and click_button "Move" }
    click_button "Harbour 1"
    assert_selector ".store-folders [aria-current]", text: "Harbour"
    click_button "Delete"
    within("dialog") { assert_text "“Old boat” is used in “Tides”, page 1." and click_button "Take out of the store room" }
    assert_no_selector "[data-thing]"
    click_button "Bring back"
    assert_selector "[data-thing][title='Old boat']"
    assert_accessible
  end

  test "what is chosen goes into the store room and comes out alive on another page" do
    lay(@page, note("one", text: "Ebb", x: 300, y: 200), note("two", text: "Flow", x: 700, y: 200))
    tap_at(*on_screen(450, 300))
    find("#stage").send_keys([ :control, "a" ])
    more { click_button "Keep in store room…" }
    within("dialog[open]") { find("input").set("Ebb and flow") and click_button "Keep in store room" }
    eventually { @owner.assets.find_by(kind: "set") }
    visit lesson_path(@lesson, page: @lesson.add_page.id)
    open_room
    find("[data-thing]", text: "Ebb and flow").click
    other = @lesson.pages.reload.last
    eventually { items(other, "note").map { |item| item.data["text"] }.sort == %w[Ebb Flow] }
  end

  test "a picture is cropped by hand and by keys, described, and loses a colour; undo brings all of it back" do
    picture = @owner.assets.take_in(upload('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 400 300"><rect width="400" height="300" fill="#fff"/><circle cx="200" cy="150" r="80" fill="#b3411d"/></svg>', "sun.svg")).picture
    lay(@page, { "kind" => "picture", "id" => "pic", "picture" => picture.id, "x" => 400, "y" => 200, "width" => 400, "height" => 300 })
    tap_at(*on_screen(600, 350))
    within("#label-bar") { click_button "Crop" }
    assert_selector ".crop-handle", count: 8
    handle = page.evaluate_script("(r => [r.x + r.width / 2, r.y + r.height / 2])(document.querySelectorAll('.crop-handle')[0].getBoundingClientRect())")
    draw [ handle, on_screen(450, 250), on_screen(500, 275) ]
    click_button "Keep this part"
    eventually { shown["crop"].zip([ 0.25, 0.25, 0.75, 0.75 ]).all? { |is, was| (is - was).abs < 0.02 } }
    assert_in_delta 500, shown["x"], 8
    within("#label-bar") { click_button "Crop" }
    find(".choice g[role=application]").send_keys([ :shift, :left ], :enter)
    eventually { (shown["crop"][2] - 0.73).abs < 0.02 }
    within("#label-bar") { click_button "Describe" }
    within("dialog[open]") { find("input").set("The sun over the bay") and click_button "Keep" }
    eventually { shown["alt"] == "The sun over the bay" }

    more do
      click_button "A frame"
      assert_selector "button[aria-pressed=true]", text: "A frame" # it has been drawn anew: a frame brings more to choose from
      click_button "No frame"
      eventually { shown["stroke"] == "none" }
      click_button "Take out a colour…"
    end
    assert_text "Tap the colour that should go."
    tap_at(*on_screen(shown["x"] + 8, shown["y"] + 8))
    eventually { shown["cleared"] && shown["picture"] != picture.id }
    6.times { find("#stage").send_keys([ :control, "z" ]) }
    eventually { shown.values_at("crop", "x", "picture", "alt") == [ [ 0, 0, 1, 1 ], 400, picture.id, "" ] }
  end

  test "a video plays in the page with its bar, stills make a storyboard, and the class's devices follow" do
    film = @owner.assets.take_in(upload(Media.mp4(seconds: 40), "The tide.mp4"))
    lay(@page, *film.items_at([ 500, 250 ], lesson: @lesson))
    sitting = sit(@lesson)
    at(:phone) do
      visit join_path(sitting.code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_selector "[data-plays=video]"
    end
    open_board @lesson, teach: true
    tap_at(*on_screen(500, 200))
    assert_selector ".media-bar"
    eventually { time_of("video") > 0.3 }
    at(:phone) { eventually { time_of("video").to_f > 0.3 && muted? } }
    at(:phone) do # one that stood still, or loads slowly, catches up by itself
      page.execute_script("document.querySelector('video').currentTime = 30")
      eventually { time_of("video") < 15 }
    end
    2.times do |n|
      click_button "Still"
      eventually { items(@page, "picture").size == n + 1 }
    end
    assert_operator (items(@page, "picture").map { |item| item.data["x"] }).minmax.reduce(:-).abs, :>, 300
    click_button "Pause"
    at(:phone) { eventually { page.evaluate_script("document.querySelector('video').paused") } }
    find("input[aria-label=Position]").set(700)
    page.execute_script("document.querySelector('.media-position').dispatchEvent(new Event('input'))")
    there = eventually { time_of("video").then { |time| time if time > 4 } }
    at(:phone) { eventually { (time_of("video") - there).abs < 0.3 } }
    at(:phone) { page.refresh && eventually { (time_of("video").to_f - there).abs < 0.3 } }
    within(".media-bar") { select "1.5 ×", from: "Speed" }
    assert_equal 1.5, page.evaluate_script("document.querySelector('video').playbackRate")
    within(".media-bar") { click_button "Close" }
    at(:phone) do
      assert_no_selector "video"
      find("[data-plays=video]").click # and on this device alone
      assert_selector ".media-bar button", text: "Pause"
      eventually { time_of("video") > 0.2 }
      assert_accessible
    end
  end

  test "a sound recorded here lies on the page and plays; a text is read aloud at a tap" do
    open_room
    within("#store-room") { click_button "Record" }
    assert_selector ".sound-clock", text: "0:01"
    fill_in "What is it called?", with: "Fog horn"
    click_button "Stop and keep"
    sound = eventually { items(@page, "sound").first }
    assert_operator sound.data["seconds"], :>, 0.5
    assert_equal "Fog horn", sound.data["title"]
    assert_selector "#store-room [data-thing]", text: "Fog horn"
    lay(@page, note("said", text: "High tide at noon", x: 900, y: 600))
    find("#store-room [data-away]").click
    tap_at(*on_screen(1050, 700))
    more { click_button "A tap reads it aloud" }
    eventually { @page.items.reload.find_by(key: "said").data["link"] }
    tool "use"
    tap_at(*on_screen(1050, 700))
    eventually { Utterance.count == 1 }
    tap_at(*on_screen(sound.data["x"] + 100, sound.data["y"] + 40))
    eventually { time_of("audio").to_f > 0.1 }
  end

  test "camera and screen are live before what is there, under the ink, and freeze into pictures" do
    lay(@page, { "kind" => "rectangle", "id" => "board", "x" => 0, "y" => 0, "width" => 1600, "height" => 900, "fill" => "#d9eee3" })
    open_room
    within("#store-room") { click_button "Camera" }
    assert_selector "option", text: "Simulated camera", visible: :all
    select "Simulated camera", from: "Camera"
    assert_selector ".simulated", text: "simulated camera"
    eventually { page.evaluate_script("document.querySelector('.living video').videoWidth") == 1280 }
    tool "pen"
    draw wave(on_screen(500, 400))
    eventually { items(@page, "ink").one? }
    click_button "Freeze"
    frozen = eventually { items(@page, "picture").first }
    assert_no_selector ".live-bar"
    eventually { frozen.reload.z.between?(data("board") && items(@page, "rectangle").first.z, items(@page, "ink").first.z) }
    open_room
    within("#store-room") { click_button "Screen" }
    eventually { page.evaluate_script("document.querySelector('.living video')?.videoWidth").to_i > 100 }
    click_button "Freeze"
    eventually { items(@page, "picture").size == 2 }
  end

  test "an area of the page becomes a picture here and on a new page; Escape calls it off" do
    lay(@page, note("one", x: 300, y: 200))
    open_room
    within("#store-room") { click_button "Capture" }
    find(".capture-layer").send_keys(:escape)
    assert_no_selector ".capture-layer"
    capture_area "Onto this page"
    eventually { items(@page, "picture").one? }
    capture_area "Onto a new page"
    eventually { @lesson.pages.reload.size == 2 && items(@lesson.pages.second, "picture").one? }
  end

  test "pages of a PDF come in sharp, and their words can be selected and put on the page" do
    open_room
    attach_file "Files from this device", file("Tide tables.pdf", Media.pdf), make_visible: true
    within("dialog[open]") do
      assert_text "“Tide tables.pdf” has 3 pages."
      fill_in "Which pages?", with: "9"
      click_button "Bring them in"
      assert_text "That PDF has pages 1 to 3."
      fill_in "Which pages?", with: "2-3"
      click_button "Bring them in"
    end
    eventually { @lesson.pages.reload.size == 3 }
    paper = @lesson.pages.second
    assert_selector "#running-order [data-page='#{paper.id}'][aria-current], #running-order [aria-current] [data-page='#{paper.id}'], #running-order [data-page='#{paper.id}']"
    eventually { page.evaluate_script("location.search") == "?page=#{paper.id}" }
    open_room
    within("#store-room") { click_button "PDF words" }
    assert_selector ".paper-words span", text: "Tide table 2"
    click_button "Select all"
    click_button "Put on the page as text"
    text = eventually { items(paper, "text").first }
    assert_includes text.data["text"], "Low water comes at noon"
  end

  test "slides and a PDF brought in together are asked about in turn; what is on a slide can be moved, and its notes are not for the class" do
    deck = Decks.odp('<draw:frame svg:x="100pt" svg:y="100pt" svg:width="200pt" svg:height="40pt"><draw:text-box><text:p>Bring boots</text:p></draw:text-box></draw:frame><presentation:notes><draw:frame><draw:text-box><text:p>Ask who has seen it.</text:p></draw:text-box></draw:frame></presentation:notes>')
    attach_file "bring-in", [ file("Causeway.odp", deck), file("Tide tables.pdf", Media.pdf) ], make_visible: true
    2.times do # whichever is in first
      asked = find("dialog[open]", text: /has (1 slide|3 pages)/).text[/1 slide|3 pages/]
      within("dialog[open]") do
        next click_button("Close") if asked == "3 pages"
        fill_in "Which slides?", with: "2"
        click_button "Bring them in"
        assert_text "That presentation has slides 1 to 1."
        fill_in "Which slides?", with: "1"
        click_button "Bring them in"
      end
      assert_no_selector "dialog[open]", text: asked
    end
    slide = eventually { @lesson.pages.reload.second }
    eventually { page.evaluate_script("location.search") == "?page=#{slide.id}" }
    text = items(slide, "text").first
    assert_selector "#item-#{text.key}", visible: :all
    tool "arrange"
    x, y = text.data.values_at("x", "y")
    draw [ on_screen(x + 40, y + 20), on_screen(x + 90, y + 60), on_screen(x + 140, y + 120) ]
    eventually { (text.reload.data["x"] - x - 100).abs < 3 }
    sitting = sit(@lesson)
    sitting.update!(page: slide)
    at(:phone) do
      visit join_path(sitting.code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_selector "#item-#{text.key}", visible: :all
      assert_not_includes page.html, "Ask who has seen it."
    end
  end

  test "pages keep coming when the sheet is closed, and the strip shows them without turning away" do
    attach_file "bring-in", file("Causeway.odp", Decks.odp("", "")), make_visible: true
    find("dialog[open]", text: "has 2 slides")
    ActiveJob::Base.queue_adapter = :test # they come when the test says so
    click_button "Bring them in"
    assert_button "Stop, bring in nothing"
    within("dialog[open]") { click_button "Close" }
    Import.last.run
    assert_text "2 pages came in."
    assert_selector "#running-order .page-tab", count: 3
    assert_selector "#running-order [aria-current]", text: /\A1/
  end

  test "an upright sheet keeps its shape on the board, on devices, under ink and in a take" do
    asset = @owner.assets.take_in(upload(Media.pdf(pages: 1, upright: true), "Knots.pdf"))
    import = Import.start(@lesson, asset, after: @page, wanted: "all")
    eventually { import.reload.state == "done" }
    sheet, sitting = @lesson.pages.reload.second, sit(@lesson)
    at(:phone) do
      visit join_path(sitting.code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_selector "#page-view[viewBox='0 0 1600 900']"
    end
    open_board @lesson, teach: true
    assert_no_button "Width"
    click_button "Record a take"
    assert_button "Stop the take"
    find(".bar-next").click
    assert_selector ".page-clip", count: 1
    eventually { page.evaluate_script("document.querySelector('#page-edge rect').getAttribute('height')") == "1600" }
    tool "pen"
    draw wave(on_screen(200, 1450))
    ink = eventually { items(sheet, "ink").first }
    assert Usher::Page::Audience::ROOM.among?(ink.audiences), "the foot of the sheet is on the page"
    at(:phone) do
      assert_selector "#page-view[viewBox='0 0 1131 1600'] #item-#{ink.key}", visible: :all
      box = page.evaluate_script("document.querySelector('.device-sheet').getBoundingClientRect().toJSON()")
      assert_in_delta 1600 / 1131.0, box["height"] / box["width"], 0.02
    end
    click_button "Width"
    eventually { (on_screen(1131, 0)[0] - on_screen(0, 0)[0]) > 1200 }
    click_button "Fit"
    click_button "Stop the take"
    click_button "Watch it"
    assert_selector "#take[data-loaded]"
    find("#take-seek").send_keys(:end)
    assert_selector "#take-view[viewBox='0 0 1131 1600'] #item-#{ink.key}", visible: :all
  end

  test "phones that take a film slowly, or stop taking it, keep nobody else waiting" do
    film = @owner.assets.take_in(upload(Media.wav, "tide.wav"))
    film.file.attach(io: StringIO.new("\0" * 6.megabytes), filename: "tide.wav", content_type: "audio/wav")
    server = URI(page.current_url)
    signed_in = page.driver.browser.manage.all_cookies.map { |cookie| "#{cookie[:name]}=#{cookie[:value]}" }.join("; ")
    phones = Array.new(30) do # more than there are threads
      TCPSocket.new(server.host, server.port).tap do |socket|
        socket.setsockopt(:SOCKET, :RCVBUF, 2_000)
        socket.write("GET #{stored_file_path(film)} HTTP/1.1\r\nHost: #{server.host}:#{server.port}\r\nCookie: #{signed_in}\r\nRange: bytes=0-\r\n\r\n")
      end
    end
    phones.each do |phone|
      assert phone.wait_readable(8), "it waits for the others"
      assert_match(/ 206 /, phone.gets)
    end
    visit "/"
    assert_text @lesson.title
  ensure
    phones&.each(&:close)
  end

  test "the web outside: a picture and words are taken, a page becomes a card and lives in a closed frame" do
    open_room "Small web"
    click_link "Tide times this week"
    find("img[alt='The causeway at low tide']").click
    eventually { items(@page, "picture").one? }
    click_button "As a card"
    card = eventually { items(@page, "link_card").first }
    assert_equal "Tide times at Gull Point", card.data["title"]
    click_button "As a framed page"
    framed = eventually { items(@page, "framed").first }
    find("#store-room [data-away]").click
    tool "use"
    tap_at(*on_screen(framed.data["x"] + 300, framed.data["y"] + 300))
    within_frame(find("iframe.framed-page")) { assert_text "The causeway can be crossed" }
    assert_nil page.evaluate_script("document.querySelector('iframe.framed-page').contentDocument"), "closed off from Usher"
    x = framed.data["x"]
    draw [ on_screen(x + 60, framed.data["y"] + 25), on_screen(x + 160, framed.data["y"] + 85), on_screen(x + 200, framed.data["y"] + 125) ]
    eventually { (framed.reload.data["x"] - x - 140).abs < 3 }
    assert_selector "iframe.framed-page"
  end

  test "nothing pasted or brought in can run in Usher's own origin" do
    shot = "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9' onload='document.title=1'><script>document.title='caught'</script><foreignObject><body xmlns='http://www.w3.org/1999/xhtml' onload='x()'/></foreignObject><rect width='9' height='9'/></svg>"
    picture = @owner.assets.take_in(upload(shot, "shot.svg")).picture
    lay(@page, *picture.assets.first.items_at([ 300, 300 ], lesson: @lesson))
    page.evaluate_script("(() => { const data = new DataTransfer(); data.setData('text/html', '<img src=x onerror=\"window.caught=1\"><script>window.caught=1</script><a href=\"javascript:window.caught=1\">tide</a>'); data.setData('text/plain', 'tide'); document.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true })) })()")
    eventually { items(@page, "text").one? }
    page.evaluate_script("(() => { const data = new DataTransfer(); data.setData('text/plain', '<iframe src=\"https://gullpoint.example/tides\" srcdoc=\"<script>parent.caught=1</script>\" onload=\"window.caught=1\"></iframe>'); document.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true })) })()")
    click_button "As a framed page"
    framed = eventually { items(@page, "framed").first }
    tool "use"
    tap_at(*on_screen(framed.data["x"] + 300, framed.data["y"] + 300))
    within_frame(find("iframe.framed-page")) { assert_text "Tide times" }
    assert_nil page.evaluate_script("window.caught ?? null")
    visit picture_path(picture)
    assert_not_equal "caught", page.title
    visit frame_path(address: "https://gullpoint.example/tides")
    assert_equal "null", page.evaluate_script("self.origin")
  end

  private

  def open_room(shelf = nil)
    find("[data-bring-in]").click unless page.has_selector?("#store-room", wait: 0)
    assert_selector "#store-room [data-store]"
    find(".store-shelves button", text: shelf).click if shelf
    assert_selector ".store-shelves [aria-pressed=true]", text: shelf if shelf
  end

  def more(&block)
    find("#label-bar button", text: "More").click
    within("#chosen", &block)
  end

  def capture_area(to)
    open_room
    within("#store-room") { click_button "Capture" }
    assert_selector ".capture-layer"
    draw [ on_screen(280, 180), on_screen(400, 300), on_screen(640, 420) ]
    click_button to
  end

  def shown = @page.items.reload.find_by(key: "pic").data
  def time_of(kind) = page.evaluate_script("document.querySelector('#{kind}')?.currentTime")
  def muted? = page.evaluate_script("document.querySelector('video').muted")
end
