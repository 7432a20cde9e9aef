require "test_helper"
require "minitest/mock"

# Pages of a PDF on their way into a lesson.
class ImportTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @asset = @owner.assets.take_in(upload(Media.pdf, "Tide tables.pdf"))
  end

  test "pages come behind the one in view, in their order, and stay in the lesson when it is copied" do
    start("all").run
    first, *papers, last = @lesson.pages.reload.to_a
    assert_equal [ "plain", 3, "plain" ], [ first.paper, papers.size, last.paper ]
    assert_equal [ "Tide table 1", "Tide table 2", "Tide table 3" ], papers.map { |page| page.picture.words.lines.first.strip }
    assert_equal papers.map(&:picture_id), @lesson.duplicate.pages.to_a[1..3].map(&:picture_id)
  end

  test "a page keeps the shape of its paper wherever it goes, and what follows it is an ordinary page" do
    @asset = @owner.assets.take_in(upload(Media.pdf(pages: 1, upright: true), "Knots.pdf"))
    start("all").run
    sheet = @lesson.pages.reload.second
    assert_equal [ [ 1600, 900 ], [ 1131, 1600 ], [ 1600, 900 ] ], @lesson.pages.map(&:size)
    lay(sheet, note("edge", x: 1200), note("foot", y: 1500))
    assert_equal({ "edge" => false, "foot" => true }, sheet.items.to_h { |item| [ item.key, Usher::Page::Audience::ROOM.among?(item.audiences) ] })
    assert_equal [ [ 1131, 1600 ] ] * 3, [ sheet.duplicate, sheet.copy_into(lesson(@owner), position: 1), Lesson.keep_page(sheet, title: "Sheet").pages.first ].map(&:size)
    assert_equal [ "plain", [ 1600, 900 ] ], @lesson.add_page(after: sheet).then { |page| [ page.paper, page.size ] }
    assert_equal [ 339, 480 ], Vips::Image.new_from_buffer(sheet.thumbnail, "").size
    top, height = sheet.paper_lines.first.values_at(1, 3)
    assert_in_delta 100, top + height / 2, 20, "words stand where the paper has them"
  end

  test "a server that stopped halfway goes on where it was, and a second time changes nothing" do
    import = start("1-2")
    bring_first(import)
    Import.find(import.id).run
    assert_equal 4, @lesson.pages.reload.size
    Import.find(import.id).run
    assert_equal [ 4, "done" ], [ @lesson.pages.reload.size, import.reload.state ]
  end

  test "run by two at once, every page comes once" do
    import, sheet = start("all"), Picture.method(:of_sheet)
    other = -> { other = nil; Import.find(import.id).run }
    Picture.stub(:of_sheet, ->(*given, **more) { other&.call; sheet.call(*given, **more) }) { import.run }
    assert_equal [ 5, 3, "done" ], [ @lesson.pages.reload.size, import.reload.pages.size, import.state ]
  end

  test "a picture that two make at once is one" do
    take_in = -> { Picture.take_in_bytes(svg, teacher: @owner, name: "boat", origin: "slides:1:boat.svg") }
    picture = take_in.call
    @owner.pictures.stub(:find_by, nil) { assert_equal picture, take_in.call }
  end

  test "called off halfway, what has come goes to the bin; called off before, nothing comes" do
    import = start("all")
    bring_first(import)
    import.cancel
    assert_equal [ 2, 1 ], [ @lesson.pages.reload.size, @lesson.all_pages.binned.size ]
    import.run
    assert_equal 2, @lesson.pages.reload.size
  end

  test "a paper that breaks on its way says how far it came, and another may begin" do
    import = start("all")
    whole = Usher::Formats::Pdf::Reader.instance_method(:sheets)
    broken = proc { |numbers| numbers.include?(3) ? raise(Usher::Invalid, "Page 3 of that PDF is broken.") : whole.bind_call(self, numbers) }
    Usher::Formats::Pdf::Reader.define_method(:sheets, &broken)
    import.run
    assert_equal [ "failed", "Page 3 of that PDF is broken. 2 of 3 pages came." ], import.reload.values_at(:state, :note)
    assert start("1")
  ensure
    Usher::Formats::Pdf::Reader.define_method(:sheets, whole)
  end

  test "only one at a time, until it has stood still for a while; only PDF" do
    start("1")
    assert_raises(Usher::Invalid) { start("2") }
    travel(3.minutes) { assert start("2") }
    file = @owner.assets.take_in(upload("low water", "tide.txt"))
    assert_raises(Usher::Invalid) { Import.start(@lesson, file, after: @lesson.pages.first, wanted: "1") }
  end

  test "a second one comes behind the first, not inside it, while the first of its pages or the one before is in view" do
    start("all").run
    here, first, _, last = @lesson.pages.reload.to_a
    assert_equal last.position, Import.start(@lesson, @asset, after: here, wanted: "1").tap(&:run).position
    assert_equal [ here, first ], @lesson.pages.reload.first(2)
    second = @lesson.pages.last
    assert_equal second.position, Import.start(@lesson, @asset, after: second, wanted: "2").tap(&:run).position
    travel(40.minutes) { assert_equal here.position, Import.start(@lesson, @asset, after: here, wanted: "1").position }
  end

  test "slides come in as live things with their words to be found; notes and what is missing lie in the wing" do
    words = Decks.shape(at: [ 96, 54, 480, 60 ], text: "Bring boots to the causeway", look: Decks.solid("f7dfa6"))
    pictured = ->(id) { %(<p:pic><p:nvPicPr><p:cNvPr id="4" name="" descr="The light"/><p:cNvPicPr/><p:nvPr/></p:nvPicPr><p:blipFill><a:blip r:embed="#{id}"/></p:blipFill><p:spPr>#{Decks.place([ 600, 54, 96, 54 ])}</p:spPr></p:pic>) }
    more = [ [ "i", "image", "../media/light.png" ], [ "w", "image", "../media/old.emf" ] ]
    deck = Decks.pptx({ tree: words + pictured.("i") + pictured.("w"), notes: "Ask who has seen it.", more: more }, { tree: pictured.("i"), more: more }, parts: { "ppt/media/light.png" => Decks::PNG, "ppt/media/old.emf" => "EMF" })
    @asset = @owner.assets.take_in(upload(deck, "Causeway.pptx"))
    assert_equal "2 slides", @asset.as_kind.facts
    import = start("all")
    import.run
    first, second = @lesson.pages.reload.to_a[1, 2]
    assert_equal %w[note picture rectangle text], first.items.map(&:kind).sort
    assert_equal [ %w[picture], 1 ], [ second.items.map(&:kind), [ first, second ].flat_map { |page| page.items.filter_map(&:picture_id) }.uniq.size ]
    assert_equal [ "done", { "picture" => 1 } ], [ import.state, import.left_out ]
    assert_match(/2 pages came in. Not brought in: 1 picture./, import.note)
    note = first.items.find_by(kind: "note")
    assert_equal [ "Ask who has seen it.\n\nNot brought in from this slide: 1 picture.", false, false ], [ note.data["text"], *Usher::Page::Audience::TOLD.map { |audience| audience.among?(note.audiences) } ]
    assert_includes Search.new(@owner.lessons, "boots causeway").results.map(&:page), first
    assert_raises(Usher::Invalid) { start("3") }.then { |error| assert_match(/slides 1 to 2/, error.message) }
  end

  test "what leads from a slide to another opens its page, also where that comes later, and nobody's undo touches it" do
    button = lambda do |id|
      %(<p:sp><p:nvSpPr><p:cNvPr id="2" name=""><a:hlinkClick r:id="#{id}" action="ppaction://hlinksldjump"/></p:cNvPr><p:cNvSpPr/><p:nvPr/></p:nvSpPr><p:spPr>#{Decks.place([ 96, 54, 96, 54 ])}<a:prstGeom prst="rect"><a:avLst/></a:prstGeom>#{Decks.solid("accent1")}</p:spPr></p:sp>)
    end
    more = [ [ "on", "slide", "slide2.xml" ], [ "back", "slide", "slide0.xml" ] ]
    deck = Decks.pptx({ tree: button.("on"), more: more }, { tree: button.("back") + button.("on"), more: more }, { tree: button.("back"), more: more },
      layout: button.("on"), parts: { "ppt/slideLayouts/_rels/l.xml.rels" => Decks.relations([ "r1", "slideMaster", "../slideMasters/m.xml" ], [ "on", "slide", "../slides/slide2.xml" ]) })
    @asset = @owner.assets.take_in(upload(deck, "Menu.pptx"))
    import = start("all")
    import.run
    pages = @lesson.pages.reload.to_a[1, 3]
    opened = ->(page) { page.items.map { |item| pages.index { |one| one.id == item.data.dig("link", "page") } } }
    assert_equal [ [ 2, 2 ], [ 2, 0, 2 ], [ 2, 0 ] ], pages.map(&opened)
    assert_equal %w[all no], pages.first.items.map { |item| item.data.fetch("pinned", "no") }, "what lay on the layout is pinned as it was"
    assert_nil pages.first.undoable(@owner)
    some = start("2-3").tap(&:run)
    assert_equal "done", some.state
    two = @lesson.pages.reload.select { |page| some.pages.include?(page.id) }
    assert_equal [ [ 1, nil, 1 ], [ 1, nil ] ], two.map { |page| page.items.map { |item| two.index { |one| one.id == item.data.dig("link", "page") } } }, "what did not come is not opened"
  end

  test "a link goes nowhere whose thing or page was thrown away before the last slide came" do
    button = %(<p:sp><p:nvSpPr><p:cNvPr id="2" name=""><a:hlinkClick r:id="on" action="ppaction://hlinksldjump"/></p:cNvPr><p:cNvSpPr/><p:nvPr/></p:nvSpPr><p:spPr>#{Decks.place([ 96, 54, 96, 54 ])}<a:prstGeom prst="rect"><a:avLst/></a:prstGeom>#{Decks.solid("accent1")}</p:spPr></p:sp>)
    deck = Decks.pptx(*Array.new(3) { { tree: button, more: [ [ "on", "slide", "slide2.xml" ] ] } })
    @asset = @owner.assets.take_in(upload(deck, "Menu.pptx"))
    import = start("all")
    [ 1, 2 ].each { |number| import.send(:bring, number, *@asset.as_kind.source(file_of(@asset)).page(number)) }
    first, second = @lesson.pages.reload.to_a[1, 2]
    first.perform({ "verb" => "remove", "ids" => [ first.items.first.key ] }, id: "away", by: @owner)
    @lesson.bin_pages([ second ])
    Import.find(import.id).run
    assert_equal [ "done", [] ], [ import.reload.state, first.reload.items.to_a ]
    assert_nil second.reload.items.first.data["link"]
  end

  test "films and sounds of slides play on the page, and lie in the store room once" do
    played = ->(kind, id, at) { %(<p:pic><p:nvPicPr><p:cNvPr id="4" name=""/><p:cNvPicPr/><p:nvPr><a:#{kind}File r:link="#{id}"/></p:nvPr></p:nvPicPr><p:blipFill/><p:spPr>#{Decks.place(at)}</p:spPr></p:pic>) }
    more = [ [ "v", "video", "../media/tide.mp4" ], [ "s", "audio", "../media/horn.wav" ], [ "x", "video", "../media/cut.mp4" ] ]
    deck = Decks.pptx({ tree: played.("video", "v", [ 96, 54, 320, 180 ]) + played.("audio", "s", [ 600, 300, 40, 40 ]) + played.("video", "x", [ 0, 0, 9, 9 ]), more: more }, parts: { "ppt/media/tide.mp4" => Media.mp4, "ppt/media/horn.wav" => Media.wav, "ppt/media/cut.mp4" => Media.mp4[0, 900] })
    @asset = @owner.assets.take_in(upload(deck, "Tide.pptx"), folder: "Harbour")
    2.times { start("1").run }
    page = @lesson.pages.reload.second
    video, sound = page.items.where(kind: %w[video sound]).sort_by(&:kind).reverse.map(&:data)
    assert_equal [ [ 160, 90, 533.33, 300 ], 420 ], [ video.values_at("x", "y", "width", "height"), sound["width"] ]
    assert_in_delta 3, video["seconds"], 0.3
    assert_equal %w[slides sound video], @owner.assets.where(folder: "Harbour").pluck(:kind).sort
    assert_match(/Not brought in from this slide: 1 video/, page.items.find_by(kind: "note").data["text"])
  end

  private

  def bring_first(import) = import.send(:bring, 1, *import.asset.as_kind.source(file_of(import.asset)).page(1))

  def start(wanted) = Import.start(@lesson, @asset, after: @lesson.pages.first, wanted: wanted)

  def file_of(asset) = ActiveStorage::Blob.service.path_for(asset.file.key)
end
