require "test_helper"

class SearchTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page = @lesson.pages.second
  end

  test "finds every kind of words on a page, and only while they are there" do
    picture = picture_of(@owner)
    lay(@page, note("n", text: "Die Ebbe läuft"), { "kind" => "picture", "id" => "p", "x" => 0, "y" => 0, "width" => 40, "height" => 30, "picture" => picture.id, "alt" => "A red lighthouse" })
    card_on(@page, activity(@lesson))
    [ "ebbe", "LAUFT", "lighth", "safe or wait", "12:40", "ebbe lighthouse" ].each { |query| assert_equal [ @page ], pages(query), query }
    assert_empty pages("ebbe schooner")
    @page.perform({ "verb" => "change", "changes" => [ { "id" => "n", "set" => { "text" => "Flut" } } ] }, id: fresh, by: @owner)
    assert_empty pages("ebbe")
    assert_equal [ @page ], pages("flut")
    @page.undo(by: @owner, id: fresh)
    assert_equal [ @page ], pages("ebbe")
    @page.perform({ "verb" => "remove", "ids" => [ "n" ] }, id: fresh, by: @owner)
    assert_empty pages("ebbe")
  end

  test "finds lessons by their facts, and copies and deletions follow" do
    @lesson.update!(title: "Tides", folder: "Harbour", notes: "Bring the long rope")
    assert_equal [ @lesson ], found("long rop").map(&:lesson)
    copy = @lesson.duplicate
    assert_equal 2, found("harbour").size
    copy.destroy!
    assert_equal 1, found("harbour").size
    lay(@page, note("n", text: "schooner"))
    @page.bin
    assert_empty pages("schooner")
    @lesson.bin
    assert_empty found("harbour")
  end

  test "words of a PDF page are found on its copies too, also where nothing else lies on it" do
    asset = @owner.assets.take_in(upload(Media.pdf(pages: 1), "Tide tables.pdf"))
    @lesson.imports.create!(asset: asset, position: 2, first: 1, last: 1).run
    assert_equal 1, pages("tide table").size
    sheet = @lesson.pages.reload.find(&:picture)
    copy = sheet.copy_into(lesson(@owner), position: 1)
    assert_equal [ copy, sheet ].sort_by(&:id), pages("tide table").sort_by(&:id)
  end

  test "nobody finds what is somebody else's, and nothing that is typed is an operator" do
    lay(@page, note("n", text: "schooner"))
    assert_empty Search.new(teacher("Ivo").lessons, "schooner").results
    [ %q("), "schooner OR", "NEAR(", "words:schooner*", "'; DROP TABLE lessons; --", "*", "", " ", "-" ].each { |query| assert_kind_of Array, found(query) }
    assert_equal [ @page ], pages("schooner*")
  end

  test "a page is put into the index when somebody searches or soon, and not again before its words change" do
    lay(@page, note("n", text: "schooner"), note("m", text: ""))
    assert_includes Page.unindexed, @page
    IndexWordsJob.perform_now
    assert_empty Page.unindexed
    @page.reload.perform({ "verb" => "change", "changes" => [ { "id" => "m", "set" => { "x" => 300 } } ] }, id: fresh, by: @owner)
    assert_empty Page.unindexed
    @page.perform({ "verb" => "change", "changes" => [ { "id" => "n", "set" => { "text" => "sloop" } } ] }, id: fresh, by: @owner)
    assert_equal [ [], [ @page ] ], %w[schooner sloop].map { |query| pages(query) }
    assert_empty Page.unindexed.where(lesson: @lesson)
  end

  test "what a search does not look at waits" do
    other = lesson(teacher("Ivo"))
    pages("sloop")
    assert_equal other.pages.to_a, Page.unindexed.to_a
  end

  test "the snippet marks what was found" do
    lay(@page, note("n", text: "Low water: the <b>causeway</b> is dry"))
    assert_includes found("causeway").first.snippet, "#{Search::OPEN}causeway#{Search::SHUT}"
  end

  private

  def found(query) = Search.new(@owner.lessons.kept, query).results
  def pages(query) = found(query).map(&:page).compact
end
