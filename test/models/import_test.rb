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
    assert_equal({ "edge" => false, "foot" => true }, sheet.items.to_h { |item| [ item.key, item.in_room ] })
    assert_equal [ [ 1131, 1600 ] ] * 3, [ sheet.duplicate, sheet.copy_into(lesson(@owner), position: 1), Lesson.keep_page(sheet, title: "Sheet").pages.first ].map(&:size)
    assert_equal [ "plain", [ 1600, 900 ] ], @lesson.add_page(after: sheet).then { |page| [ page.paper, page.size ] }
    assert_equal [ 339, 480 ], Vips::Image.new_from_buffer(sheet.thumbnail, "").size
    top, height = sheet.paper_lines.first.values_at(1, 3)
    assert_in_delta 100, top + height / 2, 20, "words stand where the paper has them"
  end

  test "a server that stopped halfway goes on where it was, and a second time changes nothing" do
    import = start("1-2")
    import.send(:bring, Usher::Formats::Pdf::Reader.new(file_of(@asset)).sheet(1), 1)
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

  test "called off halfway, what has come goes to the bin; called off before, nothing comes" do
    import = start("all")
    import.send(:bring, Usher::Formats::Pdf::Reader.new(file_of(@asset)).sheet(1), 1)
    import.cancel
    assert_equal [ 2, 1 ], [ @lesson.pages.reload.size, @lesson.all_pages.binned.size ]
    import.run
    assert_equal 2, @lesson.pages.reload.size
  end

  test "a paper that breaks on its way says how far it came, and another may begin" do
    import = start("all")
    broken = Object.new.tap { |reader| def reader.sheet(_) = raise(Usher::Invalid, "Page 1 of that PDF is broken.") }
    Usher::Formats::Pdf::Reader.stub(:new, broken) { import.run }
    assert_equal [ "failed", "Page 1 of that PDF is broken. 0 of 3 pages came." ], import.reload.values_at(:state, :note)
    assert start("1")
  end

  test "only one at a time, until it has stood still for a while; only PDF" do
    start("1")
    assert_raises(Usher::Invalid) { start("2") }
    travel(3.minutes) { assert start("2") }
    file = @owner.assets.take_in(upload("low water", "tide.txt"))
    assert_raises(Usher::Invalid) { Import.start(@lesson, file, after: @lesson.pages.first, wanted: "1") }
  end

  private

  def start(wanted) = Import.start(@lesson, @asset, after: @lesson.pages.first, wanted: wanted)

  def file_of(asset) = ActiveStorage::Blob.service.path_for(asset.file.key)
end
