require "test_helper"

class ItemRecentTest < ActiveSupport::TestCase
  setup { @recent = Item::Recent.new }

  test "an item is found by its page, key and version, and made when it is not known" do
    row = { page_id: 1, key: "a", seq: 4 }
    made = 0
    2.times { assert_equal :tide, @recent.fetch(row) { made += 1; :tide } }
    assert_equal 1, made
    assert_equal :newer, @recent.fetch(row.merge(seq: 5)) { :newer }
    assert_equal :other, @recent.fetch(row.merge(page_id: 2)) { :other }
    assert_equal :tide, @recent.fetch(row) { flunk "it was known" }
  end

  test "the longest unused goes first when there is too much" do
    stroke = Usher::Items.build("kind" => "ink", "id" => "s", "points" => Array.new(5_000) { |n| [ n, n ] })
    31.times { |n| @recent.add([ [ { page_id: 1, key: "s#{n}", seq: 1 }, stroke ] ]) }
    assert_equal :gone, @recent.fetch({ page_id: 1, key: "s0", seq: 1 }) { :gone }
    assert_equal stroke, @recent.fetch({ page_id: 1, key: "s30", seq: 1 }) { :gone }
  end

  test "what was rolled back is never handed out" do
    page = lesson.pages.first
    lay(page, note("n", text: "Ebb"))
    # One of its own: a thread that a journey before this one has left may have one open on the connection all tests share.
    Page.transaction(requires_new: true) do
      page.perform({ "verb" => "change", "changes" => [ { "id" => "n", "set" => { "text" => "Lost" } } ] }, id: fresh, by: page.lesson.teacher)
      raise ActiveRecord::Rollback
    end
    page.reload.perform({ "verb" => "change", "changes" => [ { "id" => "n", "set" => { "size" => 40 } } ] }, id: fresh, by: page.lesson.teacher)
    assert_equal [ "Ebb", 40 ], page.items.reload.sole.data.values_at("text", "size")
  end
end
