require "application_system_test_case"
require Rails.root.join("core/test/activities/samples")

# Every kind, played to its end in the browser.
class ActivitiesPlayedTest < ApplicationSystemTestCase
  include Samples

  setup do
    @owner = teacher
    sign_in @owner
  end

  # Everything a mouse does at the wall: a wrong answer first, where something can be wrong.
  test "every kind is played on the page by mouse, wrong and right" do
    each_made do |made, page|
      start_on page
      attempt = eventually { made.attempts.last }
      play = attempt.play
      wrong = wrong_move(play.kind, play.deal, play.answers, play.cells.first)
      if wrong
        by_mouse(attempt, wrong)
        assert_text(/went back|not right/, wait: 5)
      end
      moves(attempt).each { |move| by_mouse(attempt, move) }
      assert_selector ".player-end", text: "Done"
      assert_equal [ made.kind, "done" ], [ made.kind, eventually { attempt.reload.ended } ]
      assert_accessible context: made.title
    end
  end

  test "every kind is played on the page by keys alone" do
    each_made do |made, page|
      start_on page
      attempt = eventually { made.attempts.last }
      moves(attempt).each { |move| by_keys(attempt, move) }
      assert_selector ".player-end", text: "Done"
    end
  end

  test "every kind is played on a phone, and marked when that is asked for" do
    each_made(rules: { "marked" => "whole" }) do |made, page|
      sitting = Sitting.open_doors(page.lesson, page)
      at(:phone) do
        visit join_path(sitting.code)
        fill_in "Your name", with: "Rowan"
        click_button "Come in"
        click_button "Play: #{made.title}"
        attempt = eventually { made.attempts.last }
        moves(attempt).each { |move| by_mouse(attempt, move) }
        find(".player-end, [data-move*=check]", match: :first).then { |found| found.click if found.text == "Check" }
        assert_selector ".player-end", text: "Done"
        assert_accessible context: "#{made.title} on a phone"
        assert_operator page_width, :<=, 390, made.title
      end
    end
  end

  test "on a phone a page turn and a question take nobody out of an activity, and a dead network loses no move" do
    lesson = lesson(@owner, pages: 2)
    first, second = lesson.pages.to_a
    card_on(first, made = activity(lesson))
    sitting = sit(lesson)
    at(:phone) do
      visit join_path(sitting.code)
      fill_in "Your name", with: "Rowan"
      click_button "Come in"
      click_button "Play: Safe or wait?"
      @attempt = eventually { made.attempts.last }
      eventually { Seat.last.here? }
      by_mouse(@attempt, { "piece" => "p1", "place" => home(@attempt, "p1") })
    end
    second.perform({ "verb" => "turn" }, id: fresh, by: @owner, layer: sitting.layer)
    Poll.ask(sitting, "letters", { "count" => 3 })
    at(:phone) do
      assert_text "Your teacher asks something."
      assert_text "1 of 4"
      cdp "Network.enable"
      cdp "Network.emulateNetworkConditions", offline: true, latency: 0, downloadThroughput: 0, uploadThroughput: 0
      %w[p2 p3].each do |piece|
        find("[data-piece=#{piece}]").click
        find("[data-place=#{home(@attempt, piece)}] [data-put]").click
      end
      assert_text "2 moves are kept here"
      cdp "Network.emulateNetworkConditions", offline: false, latency: 0, downloadThroughput: -1, uploadThroughput: -1
      assert_text "3 of 4", wait: 20
      assert_equal 3, @attempt.moves.count
      assert_no_text "kept here"
      click_button "Go there"
      assert_text "What do you say?"
    end
  ensure
    at(:phone) { cdp "Network.emulateNetworkConditions", offline: false, latency: 0, downloadThroughput: -1, uploadThroughput: -1 }
  end

  test "two boards of one sitting show the same go, also when it is dealt anew or reset" do
    lesson = lesson(@owner)
    card_on(lesson.pages.first, made = activity(lesson))
    start_on lesson.pages.first
    attempt = eventually { made.attempts.last }
    at(:laptop) do
      sign_in @owner
      open_board lesson, teach: true
      assert_text "0 of 4"
    end
    by_mouse(attempt, { "piece" => "p1", "place" => home(attempt, "p1") })
    find("[data-piece=p3]").click
    at(:laptop) do
      assert_text "1 of 4"
      by_mouse(attempt, { "piece" => "p2", "place" => home(attempt, "p2") })
      assert_text "2 of 4"
    end
    assert_text "2 of 4"
    assert_selector "[data-piece=p3][aria-pressed=true]" # what one hand picked up stays picked while another plays
    find("[data-place=#{home(attempt, 'p3')}] [data-put]").click
    assert_text "3 of 4"
    click_button "Start again"
    assert_text "0 of 4"
    at(:laptop) { assert_text "0 of 4" }
    lesson.pages.first.reset(layer: lesson.reload.sitting.layer, by: @owner, id: fresh)
    assert_no_selector ".player"
    at(:laptop) { assert_no_selector ".player" }
  end

  # Whoever presses longer than an answer takes would else tap on nothing.
  test "what is pressed does not change under the finger, though somebody else plays meanwhile" do
    lesson = lesson(@owner)
    card_on(lesson.pages.first, activity(lesson))
    start_on lesson.pages.first
    told = ->(event) { page.execute_script("document.querySelector('[data-player] [data-put]').dispatchEvent(new PointerEvent(arguments[0], { bubbles: true, pointerId: 7 }))", event) }
    page.execute_script("document.querySelector('.player-head b').textContent = 'as it was'")
    told.("pointerdown")
    page.execute_script("document.querySelector('[data-player]').dispatchEvent(new CustomEvent('elsewhere', { bubbles: true }))")
    assert_no_text "0 of 4", wait: 1
    sleep 0.8
    assert_text "as it was"
    told.("pointerup")
    assert_text "0 of 4"
  end

  test "one tap sends it to the phones, where it opens once, and the board tells who is where" do
    lesson = lesson(@owner)
    card_on(lesson.pages.first, made = activity(lesson))
    start_on lesson.pages.first
    assert_text "Open the doors to send it to the class."
    sitting = sit(lesson)
    at(:phone) do
      visit join_path(sitting.code)
      fill_in "Your name", with: "Rowan"
      click_button "Come in"
      assert_text "You are in as Rowan"
      eventually { Seat.last.here? }
    end
    open_board lesson, teach: true
    assert_selector ".player"
    click_button "Send to all devices"
    assert_text "Sent to all"
    at(:phone) do
      assert_selector "#play .player"
      attempt = eventually { Participant.last&.attempts&.last }
      by_mouse(attempt, { "piece" => "p1", "place" => home(attempt, "p1") })
      click_button "Back to the page"
      assert_selector "#sent-place button", text: "From your teacher: Safe or wait?"
      page.refresh
      assert_selector "#sent-place button"
      assert_no_selector ".player"
      assert_accessible context: "a device with something sent"
    end
    assert_button "1 playing, 0 done"
    click_button "1 playing, 0 done"
    assert_selector "#sending-names"
    assert_no_text "Rowan"
    find("#sending-names summary").click
    assert_text "Rowan"
    assert_accessible context: "who is where"
    click_button "Take it back"
    within("#sendings") { assert_text "Not sent." }
    at(:phone) { assert_no_selector "#sent-place button" }
  end

  test "a word chosen from a list is taken out again" do
    lesson = lesson(@owner)
    made = lesson.activities.create!(title: "Gaps", kind: "gaps", content: in_words(CONTENT.fetch("gaps").first).merge("how" => "chosen"), rules: { "marked" => "whole" })
    card_on(lesson.pages.first, made)
    start_on lesson.pages.first
    attempt = eventually { made.attempts.last }
    first("select[data-field]").all("option")[1].select_option
    eventually { attempt.moves.count == 1 }
    first("select[data-field]").all("option")[0].select_option
    eventually { attempt.moves.count == 2 }
    assert_equal 0, attempt.reload.answered
  end

  private

  def page_width = page.evaluate_script("document.documentElement.scrollWidth")

  # An activity of each kind, in a lesson of its own.
  def each_made(rules: {})
    Usher::Activities.registry.each do |name, kind|
      lesson = lesson(@owner)
      made = lesson.activities.create!(title: kind.title, kind: name, content: in_words(CONTENT.fetch(name).first, picture: picture_of(@owner).id), rules: rules)
      card_on(lesson.pages.first, made)
      yield made, lesson.pages.first
    end
  end

  def start_on(page)
    open_board page.lesson, teach: true
    assert_selector "[data-kind=activity]", visible: :all
    tap_at(*on_screen(400, 400))
    assert_selector ".player"
  end

  # Moves to the solution, those into a line in the order of its places.
  def moves(attempt)
    play = attempt.play
    play.kind.moves_to(play.deal, play.kind.solution(play.deal)).sort_by.with_index { |move, index| [ move["place"].to_s[/\A[a-t]/].to_s, move["place"].to_s[/\d+/].to_i, index ] }
  end

  def by_mouse(attempt, move)
    act(attempt, move) { |element| element.click }
  end

  def by_keys(attempt, move)
    act(attempt, move, keys: true) { |element| element.send_keys :enter }
  end

  # Does a move with what `press` does to a control; waits until it has been kept.
  def act(attempt, move, keys: false, &press)
    return act_in_part(attempt, move, keys: keys, &press) if move.key?("part")
    kept = attempt.moves.count
    if move.key?("piece") then carry(move, &press)
    elsif move.key?("at") then on_picture(move, keys)
    elsif move.key?("from") then move.values_at("from", "to").each { |square| press.call find("[data-letter='#{square}']") }
    elsif move.key?("text") then find("[data-field='#{move['field']}']").set(move["text"]).send_keys(:tab)
    elsif move.key?("option") && has_selector?("select[data-field=#{move['field']}]", wait: 0) then find("select[data-field=#{move['field']}] option[value=#{move['option']}]").select_option
    else press.call find("#go-#{attempt.id}-#{move.except('chosen').values.join('-')}")
    end
    eventually { attempt.moves.count > kept }
  end

  # In a sheet one goes to the part first.
  def act_in_part(attempt, move, keys:, &press)
    assert_selector ".sheet-parts"
    press.call find(".sheet-next button", match: :first) unless has_selector?("[data-part='#{move['part']}']", wait: 0)
    assert_selector "[data-part='#{move['part']}']"
    act(attempt, move["move"], keys: keys, &press)
  end

  # By a tap, or by the cross that the arrow keys move in steps of a fortieth.
  def on_picture(move, keys)
    frame, (x, y) = find("[data-find='#{move['cell']}']"), move["at"]
    return frame.send_keys(:home, *[ [ x, :left, :right ], [ y, :up, :down ] ].flat_map { |share, back, on| [ share < 0.5 ? back : on ] * ((share - 0.5).abs * 40).round }, :enter) if keys
    left, top, width, height = frame.evaluate_script("(this.scrollIntoView({ block: 'center' }), (r => [r.x, r.y, r.width, r.height])(this.getBoundingClientRect()))")
    tap_at(left + x * width, top + y * height)
  end

  # In a line the piece alone goes to the next place that is free.
  def carry(move)
    piece = find("[data-piece=#{move['piece']}]")
    yield piece
    return if piece.evaluate_script("Boolean(this.closest('[data-next]'))")
    yield find("[data-place=#{move['place']}] [data-put]", match: :first)
  end
end
