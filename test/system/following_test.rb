require "application_system_test_case"

# Everything that is written, drawn and typed reaches a student's phone while it happens.
class FollowingTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "a phone sees ink while it is wet, what the eraser leaves, exact shapes, words and papers" do
    taught
    tool "highlighter"
    line = Array.new(14) { |step| [ 420 + step * 14, 300 ] }
    draw line, hold: true
    at(:phone) { assert_selector "#wet canvas", visible: :all }
    at(:phone) { assert_equal "0.42", page.evaluate_script("document.querySelector('#wet canvas').style.opacity") }
    lift line.last
    follows
    at(:phone) { assert_no_selector "#wet canvas", visible: :all }

    tool "eraser"
    draw [ [ 500, 250 ], [ 500, 300 ], [ 500, 350 ] ]
    eventually { items(@page, "ink").size == 2 }
    follows

    tool "pen"
    click_button "Tidy"
    draw Array.new(41) { |step| [ 700 + 60 * Math.cos(step * 0.157), 300 + 60 * Math.sin(step * 0.157) ] }
    eventually { items(@page, "ellipse").any? }
    follows

    tool "text"
    tap_at 420, 420
    find(".typing[contenteditable=true]").send_keys "low water", :escape
    eventually { items(@page, "text").any? }
    follows
    at(:phone) { assert_selector "#page-view text", text: "low water", visible: :all }

    click_button "Page"
    click_button "Staves"
    eventually { @page.reload.paper == "staves" }
    at(:phone) { assert_selector "[data-ground] path", visible: :all }
    find("#page-sheet [data-close]", match: :first).click
    click_button "Undo"
    eventually { @page.reload.paper == "plain" }
    at(:phone) { assert_no_selector "[data-ground] path", visible: :all }
  end

  test "a stroke that takes its time is whole on the phone while it is drawn" do
    taught
    tool "pen"
    line = Array.new(18) { |step| [ 420 + step * 14, 300 ] }
    draw line.first(6), hold: true
    [ 6..11, 12..17 ].each do |part|
      sleep 5 # together longer than a stroke is kept of which nothing more is heard
      line[part].each { |x, y| cdp("Input.dispatchMouseEvent", type: "mouseMoved", x: x, y: y, button: "left", buttons: 1) }
    end
    at(:phone) { eventually { page.evaluate_script("[...usherFollower.surface.ink.strokes.values()].map(({ points }) => points.length)").first.to_i > 14 } }
    lift line.last
    follows
  end

  private

  def taught
    sitting = sit(@lesson)
    page.refresh
    assert_selector "#stage[style*=cursor]"
    at(:phone) do
      visit join_path(sitting.code)
      fill_in "Your name", with: "Juniper"
      click_button "Come in"
      assert_text "You are in as Juniper"
    end
  end

  # The phone has the same drawings as the database, in the same order.
  def follows
    at(:phone) do
      eventually("the phone does not follow") { page.evaluate_script("[...document.querySelectorAll('[data-items] > [data-item]')].map(e => e.id + e.dataset.seq)") == @page.items.reload.map { |item| "item-#{item.key}#{item.seq}" } }
    end
  end
end
