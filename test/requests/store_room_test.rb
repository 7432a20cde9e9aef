require "test_helper"

# What comes into the store room, what is refused, and what comes out of it onto a page.
class StoreRoomTest < ActionDispatch::IntegrationTest
  include ActiveJob::TestHelper

  setup do
    sign_in(@owner = teacher)
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
  end

  test "what names one thing is no list of them" do
    post "/store_room/sets", params: { page: [ @page.id ], ids: [] }, headers: { "HX-Request" => "true" }
    assert_response :unprocessable_entity
    assert_match(/one thing too many/, response.body)
    post "/store_room/sets", params: { page: { "0" => @page.id }, ids: [] }
    assert_response :not_found
  end

  test "kinds are told by content, and each comes out as what it is" do
    { svg => "picture", Media.mp4 => "video", Media.wav => "sound", Media.pdf => "pdf", Decks.odp("", "") => "slides", "low water 11:30" => "file" }.each do |bytes, kind|
      bring(bytes, "thing.#{kind == 'file' ? 'txt' : 'bin'}")
      assert_response :success, kind
      assert_equal kind, answer["to"]
      out = take_out("own", answer["asset"])
      asked = { "pdf" => /“thing.bin” has 3 pages/, "slides" => /“thing.bin” has 2 slides/ }[kind]
      asked ? assert_match(asked, out["pages"]["words"]) : assert_equal({ "file" => "tile" }.fetch(kind, kind), out["items"].first["kind"])
      lay(@page, *out["items"]) if out["items"].any?
    end
    assert_equal %w[picture sound tile video], @page.items.reload.map(&:kind).sort
  end

  test "what is broken, locked, a trap or of another kind is refused in a sentence that says what to do" do
    bomb = Zip::OutputStream.write_buffer { |zip| 3.times { |n| zip.put_next_entry("word/document#{n}.xml"); zip.write("0" * 30_000_000) } }.string
    { [ Media.mp4[0, Media.mp4.bytesize * 2 / 3], "tide.mp4" ] => /broken or cut off/, [ "ftypheic".b.prepend("\0\0\0\x18".b).ljust(64, "\0"), "shore.heic" ] => /HEIC.*JPEG/, [ Media.locked_pdf, "tides.pdf" ] => /locked with a password/,
      [ "%PDF-1.4\nnothing", "a.pdf" ] => /broken/, [ bomb, "essay.docx" ] => /unpack/, [ bomb, "essay.zip" ] => /archive/, [ "II*\0rest", "map.tiff" ] => /PNG or JPEG/, [ "\x7FELF\x02\x01", "song.mp3" ] => /cannot open|broken/,
      [ Decks.pptx("")[0, 900], "tides.pptx" ] => /broken|archive/, [ Decks.archive("ppt/x" => "1"), "tides.pptx" ] => /broken/, [ "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".b.ljust(600, "\0"), "tides.ppt" ] => /older office format.*PPTX/,
      [ "#EXTM3U\n/etc/passwd\n", "song.m3u8" ] => /cannot open|broken/, [ "", "nothing.png" ] => /empty/ }.each do |(bytes, name), words|
      bring(bytes, name)
      assert_response :unprocessable_entity, name
      assert_match words, answer["error"], name
    end
    assert_equal 0, Asset.count + Picture.count
  end

  test "a film that browsers do not play is copied in the background, and devices get the light copy" do
    bring(Media.avi, "tide.avi")
    asset = Asset.find(answer["asset"])
    assert_equal [ "working", "working" ], [ answer["state"], asset.state ]
    perform_enqueued_jobs
    get stored_file_progress_path(asset)
    assert_equal({ "state" => "ready", "progress" => 100 }, answer)
    get stored_file_path(asset), headers: { "Range" => "bytes=0-99" }
    assert_response :partial_content
    assert_equal "video/mp4", response.media_type
  end

  test "stills are pictures of that very second" do
    asset = @owner.assets.take_in(upload(Media.mp4, "tide.mp4"))
    post stored_file_still_path(asset), params: { at: 2.0 }, as: :json
    assert_equal [ 320.0, "tide.mp4 at 0:02" ], [ answer["width"], answer["name"] ]
    post stored_file_still_path(asset), params: { at: "soon" }, as: :json
    assert_response :unprocessable_entity
    post stored_file_still_path(@owner.assets.take_in(upload(Media.wav, "horn.wav"))), params: { at: 1 }, as: :json
    assert_match(/Only videos/, answer["error"])
  end

  test "photos get smaller versions in the background, and a device is sent the middle one" do
    perform_enqueued_jobs { bring(Vips::Image.black(2400, 1600, bands: 3).jpegsave_buffer, "cliff.jpg") }
    picture = Asset.find(answer["asset"]).picture
    assert_equal [ 360, 1280 ], [ picture.small, picture.medium ].map { |file| Vips::Image.new_from_buffer(file.download, "").width }
    get picture_path(picture, size: "small")
    assert_equal 360, Vips::Image.new_from_buffer(response.body, "").width
    get picture_path(picture)
    assert_equal 2400, Vips::Image.new_from_buffer(response.body, "").width
  end

  test "a name that only a camera could have given describes nothing" do
    names = { "IMG_2034.jpg" => "", "DSC00012.JPG" => "", "20261123_101500.jpg" => "", "Old boat.jpg" => "Old boat", "Image of a gull 2.png" => "Image of a gull 2" }
    assert_equal names.values, names.keys.map { |name| Picture.new(name: name).spoken_name }
  end

  test "a photo is turned upright and loses where it was taken" do
    photo = Vips::Image.black(80, 40, bands: 3).mutate { |image| image.set_type!(GObject::GINT_TYPE, "orientation", 6) && image.set_type!(GObject::GSTR_TYPE, "exif-ifd3-GPSLatitude", "54/1 10/1 0/1") }
    bring(photo.jpegsave_buffer, "cliff.jpg")
    picture = Asset.find(answer["asset"]).picture
    assert_equal [ 40.0, 80.0 ], [ picture.width, picture.height ]
    assert_no_match(/GPS|Exif/, picture.file.download)
  end

  test "the library: plurals, words half typed, synonyms; a drawing is taken once" do
    get store_room_path(shelf: "drawings", q: "mice", part: "things"), headers: { "HX-Request" => "true" }
    assert_select "[data-thing][title=?]", "Mouse"
    id = css_select("[data-thing][title='Mouse']").first["data-thing"]
    2.times { assert_equal "picture", take_out("drawings", id)["items"].first["kind"] }
    assert_equal 1, @owner.pictures.where("origin LIKE 'library:%'").count
    assert_includes Library::Drawing.search("lighth").map(&:title), "Lighthouse"
    assert_includes Library::Drawing.search("automobile").map(&:title), "Automobile"
    assert_not_empty Library::Drawing.search("auto car boats'\" OR *").to_a.then { |found| found.nil? ? [] : [ 1 ] }
    get drawing_path(id)
    assert_equal "default-src 'none'; sandbox", response.headers["Content-Security-Policy"]
  end

  test "a choice of things goes in and comes out as live things, activities in another lesson too" do
    made = activity(@lesson)
    lay(@page, note("left", groups: [ "pair" ]), { "kind" => "activity", "id" => "game", "x" => 500, "y" => 100, "width" => 300, "height" => 200, "groups" => [ "pair" ], **made.card })
    post store_room_sets_path, params: { page: @page.id, ids: %w[left game], name: "Warm-up" }, as: :json
    other = lesson(@owner)
    items = take_out("own", answer["asset"], lesson: other)["items"]
    lay(other.pages.first, *items)
    assert_equal %w[activity note], other.pages.first.items.map(&:kind).sort
    assert_equal 1, other.pages.first.items.flat_map { |item| item.data["groups"] }.uniq.size
    assert_equal other.activities.sole.id, items.find { |item| item["kind"] == "activity" }["activity"]
    assert_not_includes items.map { |item| item["id"] }, "left"
    post store_room_sets_path, params: { page: @page.id, ids: %w[gone], name: "None" }, as: :json
    assert_match(/nothing left/, answer["error"])
  end

  test "renamed, put into folders, found, taken out with a word about where it is used, and brought back" do
    asset = @owner.assets.take_in(upload(svg, "boat.svg"))
    patch stored_file_path(asset), params: { name: " Old\u202E boat ", folder: "Harbour" }, as: :json
    assert_equal [ "Old boat", "Harbour" ], asset.reload.values_at(:name, :folder)
    patch stored_file_path(asset), params: { name: " " }, as: :json
    assert_match(/Give it a name/, answer["error"])
    assert_equal [ asset.id ], shelf(q: "boats", folder: "Harbour")
    assert_empty shelf(q: "lighthouse")
    assert_empty shelf(kind: "sound")
    lay(@page, *asset.items_at([ 400, 300 ], lesson: @lesson))
    get stored_file_uses_path(asset)
    assert_equal "“Tides”, page 1", answer["uses"]
    delete stored_file_path(asset)
    assert_empty shelf
    get picture_path(asset.picture)
    assert_response :success, "the page keeps it"
    post stored_file_return_path(asset)
    assert_equal [ asset.id ], shelf
  end

  test "pages of a PDF: one, some, all, with words that are found; wrong wishes are refused; called off, nothing stays" do
    asset = @owner.assets.take_in(upload(Media.pdf, "Tide tables.pdf"))
    { "0" => /pages 1 to 3/, "2-9" => /pages 1 to 3/, "some" => /Say which pages/, "" => /Say which pages/ }.each do |wanted, words|
      post lesson_imports_path(@lesson), params: { asset: asset.id, wanted: wanted, page: @page.id }, as: :json
      assert_match words, answer["error"]
    end
    perform_enqueued_jobs { post lesson_imports_path(@lesson), params: { asset: asset.id, wanted: "2-3", page: @page.id }, as: :json }
    get import_path(answer["import"])
    assert_equal [ "done", 2, 2 ], answer.values_at("state", "done", "size")
    second = @lesson.pages.reload.second
    assert_equal [ "picture", "image/svg+xml" ], [ second.paper, second.picture.content_type ]
    get page_lines_path(second)
    assert_equal "Tide table 2", answer["lines"].first.last
    assert_equal [ second ], Search.new(@owner.lessons, "low water table 2").results.map(&:page)
    post lesson_imports_path(@lesson), params: { asset: asset.id, wanted: "all", page: @page.id }, as: :json
    import = Import.find(answer["import"])
    post lesson_imports_path(@lesson), params: { asset: asset.id, wanted: "1", page: @page.id }, as: :json
    assert_match(/still coming/, answer["error"])
    delete import_path(import)
    assert_equal "cancelled", answer["state"]
    perform_enqueued_jobs
    assert_equal 3, @lesson.pages.reload.size
  end

  test "what is forgotten goes for good, a lesson that a PDF came into and old speech among it" do
    asset = @owner.assets.take_in(upload(Media.pdf, "Tide tables.pdf"))
    Import.start(@lesson, asset, after: @page, wanted: "1").run
    Utterance.create!(digest: "old", created_at: 91.days.ago)
    @lesson.bin
    travel(31.days) { EmptyBinJob.perform_now }
    assert_equal [ 0, 0, 0 ], [ Lesson.count, Import.count, Utterance.count ]
    assert_equal [ asset.id ], shelf
  end

  test "an area of the page becomes a picture, here or in the store room" do
    lay(@page, note)
    post page_capture_path(@page), params: { box: [ 100, 100, 300, 200 ] }, as: :json
    assert_equal [ 600.0, 400.0 ], answer.values_at("width", "height")
    assert_equal 0, Asset.count
    post page_capture_path(@page), params: { box: [ 100, 100, 300, 200 ], keep: true }, as: :json
    assert_equal 1, Asset.count
    [ [ 0, 0, 1, 1 ], [ 0, 0, 90_000, 9 ], [ 1, 2 ], "all" ].each do |box|
      post page_capture_path(@page), params: { box: box }, as: :json
      assert_response :unprocessable_entity
    end
  end

  test "a colour is taken out of a copy; the picture itself stays" do
    picture = @owner.assets.take_in(upload('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 30"><rect width="40" height="30" fill="#fff"/><circle cx="20" cy="15" r="8" fill="#b3411d"/></svg>', "spot.svg")).picture
    2.times { post picture_clearing_path(picture), params: { across: 0.05, down: 0.05, tolerance: 20 }, as: :json }
    assert_equal "#ffffff", answer["colour"]
    clear = Vips::Image.new_from_buffer(Picture.find(answer["picture"]).file.download, "")
    assert_equal [ 0, 255 ], [ clear.getpoint(5, 5).last, clear.getpoint(clear.width / 2, clear.height / 2).last ].map(&:round)
    assert_equal 2, @owner.pictures.count
    post picture_clearing_path(picture), params: { colour: "white", tolerance: 20 }, as: :json
    assert_response :unprocessable_entity
  end

  test "the simulated web, drive and search hand things over like any upload, and say what they are" do
    get store_room_web_path(address: "https://gullpoint.example/tides")
    assert_select ".simulated"
    assert_select "[data-web-picture]", 2
    get store_room_web_path(address: "file:///etc/passwd")
    assert_select ".store-empty", /no page/
    get store_room_path(shelf: "drive", folder: "../../config", part: "things"), headers: { "HX-Request" => "true" }
    assert_select "[data-thing='Read me first.txt']"
    assert_equal "picture", take_out("drive", "Science/Full moon.svg")["items"].first["kind"]
    take_out("drive", "../outside.json")
    assert_match(/no longer there/, answer["error"])
    assert_match(/crab/i, take_out("pictures", "crab")["items"].first["alt"])
    post store_room_keeps_path, params: { shelf: "pictures", ids: [ "crab" ] }, as: :json
    assert_includes @owner.assets.pluck(:name), "Crab on the sand"
  end

  test "what comes out lies beside what is on the page, several beside each other, a dropped one just where it was dropped" do
    page = lesson(@owner).pages.first
    lay(page, { "kind" => "rectangle", "id" => "there", "x" => 650, "y" => 350, "width" => 300, "height" => 200 })
    asked = { shelf: "pictures", ids: %w[crab crab crab], lesson_id: page.lesson_id, page: page.id, at: [ 800, 450 ] }
    post store_room_takings_path, params: asked, as: :json
    boxes = answer["items"].map { |item| Usher::Items.build(item).box }
    [ *boxes, page.items.boxes.first ].combination(2) { |one, other| refute one.meets?(other) }
    post store_room_takings_path, params: { **asked, dropped: true }, as: :json
    assert_equal [ 800, 450 ], Usher::Items.build(answer["items"].first).box.centre.map(&:round)
    post store_room_takings_path, params: { **asked, page: lesson(teacher("Ivo")).pages.first.id }, as: :json
    assert_response :not_found
  end

  private

  def bring(bytes, name) = post(stored_files_path, params: { file: upload(bytes, name) }, headers: { "Accept" => "application/json" })

  def take_out(shelf, id, lesson: @lesson)
    post store_room_takings_path, params: { shelf: shelf, ids: [ id ], lesson_id: lesson.id, at: [ 800, 450 ] }, as: :json
    answer
  end

  # The ids on the teacher's own shelf.
  def shelf(**asked)
    get store_room_path(part: "things", **asked), headers: { "HX-Request" => "true" }
    css_select("[data-thing]").map { |thing| thing["data-thing"].to_i }
  end
end
