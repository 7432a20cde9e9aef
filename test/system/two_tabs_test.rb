require "application_system_test_case"

# One teacher, one lesson, two tabs: neither loses what the other does.
class TwoTabsTest < ApplicationSystemTestCase
  setup do
    start_at_board
    @other = open_new_window
    within_window(@other) { open_board @lesson }
  end

  test "what two tabs could not send yet is kept of both, also over a reload" do
    [ nil, @other ].each_with_index do |tab, row|
      in_tab(tab) do
        offline
        tool "pen"
        2.times { |line| draw wave([ 300, 160 + row * 200 + line * 60 ], count: 10) }
        assert_text "not kept yet"
      end
    end
    assert_equal 4, unsent
    in_tab(@other) { page.execute_script("location.reload()") } # a tab that is gone before it could send
    offline(false)
    eventually { items(@page, "ink").size == 4 }
    assert_text "every change kept"
    eventually { unsent.zero? }
  end

  # Two windows side by side: in one browser only one of them would be in sight.
  test "of one text that both edit neither version is lost: the second sees the other's words and chooses" do
    lay(@page, note("n", text: "Boots"))
    beside { type_in("n", "Boats") }
    type_in("n", "Coats")
    leave_text
    eventually { data("n")["text"] == "Coats" }
    beside do
      leave_text
      within("dialog[open]") do
        assert_text "Coats"
        assert_text "Boats"
        click_button "Keep both"
      end
    end
    eventually { items(@page).map { |item| item.data["text"] }.sort == %w[Boats Coats] }
    { "Keep mine" => "Ropes", "Keep theirs" => "Coats" }.each do |answer, left|
      change(@page, "n", "Boots")
      assert_selector "#item-n", text: "Boots"
      type_in("n", "Ropes")
      change(@page, "n", "Coats")
      leave_text
      within("dialog[open]") { click_button answer }
      eventually { data("n")["text"] == left }
    end
  end

  test "what is heard while a page is being fetched is not lost to the answer, which is older" do
    @lesson.add_page
    second = @lesson.pages.reload.last
    lay(@page, note("n", text: "Boots"))
    lay(second, note("m", text: "Lantern"))
    hold_answers
    type_in("n", "Ropes")
    change(@page, "n", "Coats")
    leave_text
    let_answer_come
    within("dialog[open]") { click_button "Keep theirs" }
    eventually { answers_held == 1 }
    change(@page, "n", "Boats")
    assert_selector "#item-n", text: "Boats"
    page.execute_script("document.getElementById('item-n').dataset.before = ''")
    let_answer_come
    assert_no_selector "#item-n[data-before]" # the page is drawn anew
    assert_selector "#item-n", text: "Boats"
    find("#stage").send_keys :page_down
    eventually { answers_held == 1 }
    change(second, "m", "Lighthouse")
    eventually { heard(second) }
    let_answer_come
    assert_selector "#item-m", text: "Lighthouse"
  end

  test "a text deleted in one tab while it is written on in the other keeps its words" do
    lay(@page, note("n", text: "Boots"))
    type_in("n", "Boots, hats and ropes")
    @page.perform({ "verb" => "remove", "ids" => [ "n" ] }, id: fresh, by: @owner)
    leave_text
    eventually { items(@page).map { |item| item.data["text"] } == [ "Boots, hats and ropes" ] }
    assert_text "Your words lie there again."
  end

  test "a page deleted in one tab while something is typed on it in the other loses no word" do
    @lesson.add_page
    lay(@page, note("n", text: "Boots"))
    type_in("n", "Lantern")
    beside do
      assert_selector ".page-tab", count: 2
      find("[data-open-page]").click
      click_button "Delete page"
      assert_text "The page is deleted."
    end
    assert_text "This page was deleted in another tab."
    leave_text
    within("dialog[open]") { click_button "Put the page back" }
    eventually { @page.reload.binned_at.nil? && data("n")["text"] == "Lantern" }
    beside { assert_selector ".page-tab", count: 2 }
  end

  test "pages added, moved and deleted elsewhere appear in every tab" do
    in_tab(@other) do
      find("[data-add-page]").click
      click_button "Same paper as this page"
      assert_selector ".page-tab", count: 2
    end
    assert_selector ".page-tab", count: 2
    @lesson.pages.reload.last.move_to(1)
    eventually { page.evaluate_script("[...document.querySelectorAll('.page-tab')].map(tab => Number(tab.dataset.page))") == @lesson.pages.reload.map(&:id) }
  end

  private

  def in_tab(tab, &block) = tab ? within_window(tab, &block) : block.call

  # The same teacher at another machine.
  def beside(&block)
    at(:laptop) do
      (@beside = sign_in(@owner) && open_board(@lesson)) unless @beside
      instance_eval(&block)
    end
  end

  def change(page, id, text)
    page.perform({ "verb" => "change", "changes" => [ { "id" => id, "set" => { "text" => text } } ] }, id: fresh, by: @owner)
  end

  # Pages are answered at once, but the answers arrive only when they are let, as over a slow line.
  def hold_answers
    page.execute_script(<<~JS)
      const fetched = window.fetch
      window.held = []
      window.fetch = async (address, ...rest) => {
        const answer = await fetched(address, ...rest)
        if (/\\/pages\\/\\d+$/.test(address)) await new Promise(come => window.held.push(come))
        return answer
      }
    JS
  end

  def answers_held = page.evaluate_script("window.held.length")

  def let_answer_come
    eventually { answers_held.positive? }
    page.execute_script("window.held.shift()()")
  end

  # Whether this tab has been told what was done on a page last: its small picture is made anew.
  def heard(other) = page.has_selector?(".page-tab[data-page='#{other.id}'] img[src$='v=#{other.reload.seq}']", wait: 0)

  # Typing ends with a tap beside it.
  def leave_text = tap_at(*on_screen(1400, 800))

  def offline(off = true)
    cdp("Network.enable")
    cdp("Network.emulateNetworkConditions", offline: off, latency: 0, downloadThroughput: -1, uploadThroughput: -1)
  end

  def type_in(id, words)
    tool "text"
    box = page.evaluate_script("(r => [r.x + 20, r.y + 20])(document.getElementById('item-#{id}').getBoundingClientRect())")
    tap_at(*box)
    area = find("[contenteditable=true]")
    area.send_keys([ :control, "a" ], words)
    eventually { area.text.tr("\n", " ").squeeze(" ") == words }
  end
end
