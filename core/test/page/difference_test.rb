require "core_test"

# What brings a page back to how it was, whatever happened in between.
class DifferenceTest < CoreTest
  Memory = Usher::Page::Memory

  def setup
    @items = [ item("note", id: "a"), item("note", id: "b", x: 500, pinned: "all"), item("tile", id: "pile", text: "1", y: 500, pile: { "limit" => 4 }), item("area", id: "till", x: 900, y: 400, width: 400, height: 300) ]
    @page = Memory.new
    @page.run(put(*@items))
    @before = state
  end

  def test_the_same_page_needs_nothing
    assert_nil Usher::Page::Difference.between(@page, @page)
  end

  def test_one_operation_takes_everything_back_and_one_more_brings_it_again
    inverses = [
      { "verb" => "move", "ids" => [ "a" ], "by" => [ 50, 50 ] }, { "verb" => "deal", "piles" => [ "pile" ], "ids" => [ "c1" ], "by" => [ 950, 0 ] }, { "verb" => "change", "changes" => [ { "id" => "b", "set" => { "pinned" => "no" } } ] },
      { "verb" => "remove", "ids" => [ "b" ] }, { "verb" => "restyle", "set" => { "colour" => "#fdfaf4" } }, { "verb" => "reorder", "ids" => [ "pile" ], "to" => "back" }
    ].map { |operation| @page.run(operation).inverse }
    after = state
    assert_equal [ 3, "1" ], [ @page.find([ "pile" ])["pile"].item.left, @page.find([ "till" ])["till"].item.tally ]
    wound = Memory.new(@page.stack, style: @page.style)
    rewind(wound, inverses)
    outcome = @page.run(Usher::Page::Difference.between(@page, wound))
    assert_equal @before, state
    assert_equal [ 4, "0" ], [ @page.find([ "pile" ])["pile"].item.left, @page.find([ "till" ])["till"].item.tally ]
    @page.run(outcome.inverse)
    assert_equal after, state
  end

  def test_a_reset_that_is_not_whole_is_refused
    [ {}, { "items" => [] }, { "items" => [ 4 ], "gone" => [], "set" => {} }, { "items" => [ item("note").to_h ], "gone" => [], "set" => {} }, { "items" => [], "gone" => [ "<b>" ], "set" => {} }, { "items" => [], "gone" => [], "set" => { "colour" => "red" } } ].each do |hash|
      assert_invalid { @page.run({ "verb" => "reset", **hash }) }
    end
    assert_equal @before, state
  end

  private

  def state = [ @page.stack.map(&:to_h), @page.style ]
end
