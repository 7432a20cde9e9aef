require "core_test"

class OverlayTest < CoreTest
  Placed, Outcome = Usher::Page::Placed, Usher::Page::Outcome

  def setup
    @page = Usher::Page::Memory.new([ Placed.new(item("note"), 3), Placed.new(stroke([ [ 0, 0 ], [ 50, 0 ] ]), 5) ])
    @overlay = Usher::Page::Overlay.new(@page)
  end

  def test_it_answers_like_the_page_until_something_is_laid_over_it
    assert_equal [ %w[note-1], 5, 3, "plain" ], [ @overlay.find(%w[note-1 ghost]).keys, @overlay.top, @overlay.bottom, @overlay.style["paper"] ]
    assert_equal %w[ink-1], @overlay.near(nil, "ink").map(&:id)
  end

  def test_what_is_laid_over_it_is_found_and_what_is_gone_is_not
    @overlay.add(Outcome.new(put: [ Placed.new(item("star"), 9), Placed.new(item("note", text: "Ebb"), 3) ], gone: %w[ink-1], style: { "paper" => "ruled" }))
    assert_equal [ "Ebb", 9, "ruled" ], [ @overlay.find(%w[note-1])["note-1"].item.text, @overlay.top, @overlay.style["paper"] ]
    assert_empty @overlay.near(nil, "ink")
    assert_empty @overlay.find(%w[ink-1])
    assert_equal "Bring boots", @page.find(%w[note-1])["note-1"].item.text
  end

  def test_what_went_and_came_back_is_not_gone
    @overlay.add(Outcome.new(gone: %w[note-1]))
    @overlay.add(Outcome.new(put: [ Placed.new(item("note"), 3) ]))
    outcome = @overlay.outcome("back")
    assert_equal [ [], %w[note-1], "back" ], [ outcome.gone, outcome.put.map(&:id), outcome.inverse ]
  end
end
