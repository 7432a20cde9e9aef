require "test_helper"

# A long text goes on over new pages, after the teacher was asked.
class FlowsTest < ActionDispatch::IntegrationTest
  WORDS = Array.new(5_000) { |n| "wave#{n}" }.freeze

  setup do
    @owner = teacher("Maren")
    @lesson = lesson(@owner, pages: 2)
    @page = @lesson.pages.first
    sign_in @owner
  end

  test "asking says how many pages, and keeps nothing" do
    flow
    assert_response :success
    assert_equal 5_000, response.parsed_body["words"]
    assert_operator response.parsed_body["pages"], :>, 10
    assert_equal [ 0, 2 ], [ @page.items.count, @lesson.reload.pages.size ]
  end

  test "every word is on a page, in order, and sending it again changes nothing" do
    2.times { flow(id: "flow1") }
    assert_response :success
    pages = @lesson.reload.pages.to_a
    texts = pages.map { |page| page.items.map { |item| item.placed.item.text }.join(" ") }
    assert_equal WORDS, texts.join(" ").split
    assert_equal 1, pages.count { |page| page.items.none? }, "the page that was there stays behind them"
    pages.first(pages.size - 1).each { |page| page.items.each { |item| assert_operator item.bottom, :<=, page.height } }
  end

  test "the part on this page is a step that can be taken back" do
    flow(id: "flow1")
    assert @page.undo(by: @owner, id: "undo1")
    assert_equal 0, @page.items.count
  end

  test "what is no text is refused in a sentence" do
    [ { text: "" }, { text: 5 }, { text: "x" * 200_001 }, { x: -1 }, { y: "low" }, { size: 4_000 }, { colour: "loud", id: "flow1" } ].each do |wrong|
      flow(**wrong)
      assert_response :unprocessable_entity, wrong.keys.inspect
      assert_match(/\w+ .*\./, response.parsed_body["error"])
    end
    assert_equal 2, @lesson.reload.pages.size
  end

  private

  def flow(**more) = post(page_flows_path(@page), params: { text: WORDS.join(" "), size: 36, x: 200, y: 200, **more }, as: :json)
end
