require "test_helper"

# Cards, players and framed pages that are partly under a cover, as devices and readers get them.
class CurtainedPagesTest < ActiveSupport::TestCase
  setup do
    @lesson = lesson
    @page = @lesson.pages.first
    @asset = @lesson.teacher.assets.take_in(upload("x", "tide.txt"))
    @quiz = activity(@lesson)
    card_on(@page, @quiz)
    lay(@page, { "kind" => "framed", "id" => "web", "x" => 1000, "y" => 100, "width" => 400, "height" => 300, "address" => "https://gullpoint.example/spring", "title" => "Spring" },
      { "kind" => "sound", "id" => "horn", "x" => 1000, "y" => 600, "width" => 400, "height" => 100, "asset" => @asset.id })
    @sitting = sit(@lesson)
    @child = Access.for(seat: seat(@sitting))
  end

  test "whatever of them is under a cover, devices neither see what they say nor get what is behind" do
    assert_equal [ [ @quiz ], [ @asset ], "https://gullpoint.example/spring" ], reach
    cover
    assert_equal [ [], [], nil ], reach
    assert_not_includes @page.showing(Viewer.device(@sitting)).document, "Spring"
    assert_includes @page.showing(Viewer.teaching(@sitting)).document, "Spring"
  end

  test "pages that were drawn before this was known are drawn anew so" do
    cover
    Item.where(page_id: @page.id).find_each { |item| item.update_columns(veiled_svg: nil, data: item.data.except("hidden")) }
    @page.update_columns(renderer: 4)
    @page.reload.redraw
    @child = Access.for(seat: @child.seat)
    assert_equal [ [], [], nil ], reach
  end

  test "plain shapes of pages that an older renderer drew come without what covers hide" do
    page = lesson.pages.first
    lay(page, { "kind" => "rectangle", "id" => "deck", "x" => 100, "y" => 100, "width" => 400, "height" => 300, "fill" => "#1e6079" }, { "kind" => "cover", "id" => "lid", "x" => 300, "y" => 90, "width" => 260, "height" => 320 })
    deck = page.items.find_by(key: "deck")
    known = deck.veiled_svg
    assert_match(/partly covered/, known)
    deck.update_columns(data: deck.data.merge("hidden" => []), veiled_svg: nil)
    page.update_columns(renderer: 5)
    page.reload.redraw
    assert_equal [ known, 1 ], deck.reload.then { |one| [ one.veiled_svg, one.data["hidden"].size ] }
  end

  private

  def cover = lay(@page, *[ [ 190, 190 ], [ 990, 90 ], [ 990, 590 ] ].each_with_index.map { |(x, y), n| { "kind" => "cover", "id" => "lid#{n}", "x" => x, "y" => y, "width" => 60, "height" => 60 } })

  def reach
    child = Access.for(seat: @child.seat)
    [ child.activities.to_a, child.assets.to_a, child.framed("https://gullpoint.example/spring") ]
  end
end
