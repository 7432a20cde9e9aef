require "application_system_test_case"

# The class does things on its devices, as far as the teacher lets it.
class ClassAtWorkTest < ApplicationSystemTestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner, pages: 2)
    @page, @second = @lesson.pages.to_a
    sign_in @owner
    open_board @lesson, teach: true
    @sitting = @lesson.reload.sitting.tap(&:open)
    come_in "Juniper", :phone
  end

  test "one points with the name beside it, writes with the class, takes it off and back, and must stop at once" do
    find(".bar-doors").click
    within("#doors") { click_button "Write together" }
    within("#doors") { find("[data-close]", match: :first).click }
    at(:phone) { hold "Blue" }
    at(:phone) { stroke([ 60, 60 ], [ 120, 90 ], [ 200, 70 ]) }
    assert_selector "#page-content [data-kind=ink]", count: 1
    assert_equal [ "Juniper" ], @sitting.authors_on(@page).values
    at(:phone) do
      hold "Point"
      x, y = on_sheet(150, 60)
      touch_hold(x, y)
    end
    assert_selector ".named-pointer", text: "Juniper", visible: :all
    at(:phone) { cdp("Input.dispatchTouchEvent", type: "touchEnd", touchPoints: []) }
    assert_no_selector ".named-pointer", visible: :all
    at(:phone) do
      find("#hold button", text: "Undo").click
      assert_no_selector "[data-kind=ink]", visible: :all
      find("#hold button", text: "Redo").click
      assert_selector "[data-kind=ink]", visible: :all
      hold "Take off"
      stroke([ 60, 50 ], [ 60, 60 ], [ 120, 90 ])
      assert_no_selector "[data-kind=ink]", visible: :all
    end
    assert_no_selector "#page-content [data-kind=ink]"
    @sitting.reload.allow(%w[answer])
    at(:phone) { assert_no_selector "#hold" }
  end

  test "a copy is written on by its student alone, stays over a reload, and is left for the class's page" do
    @sitting.allow(%w[answer copy])
    at(:phone) do
      hold "Red"
      stroke([ 60, 60 ], [ 140, 100 ])
      assert_selector "[data-kind=ink]", count: 1, visible: :all
      eventually { Item.exists?(kind: "ink") }
      visit seat_path
      assert_selector "[data-kind=ink]", count: 1, visible: :all
    end
    assert_no_selector "#page-content [data-kind=ink]"
    @sitting.allow(%w[answer])
    at(:phone) { assert_no_selector "[data-kind=ink]", visible: :all }
  end

  test "what is written without network is kept, said to be, and arrives once" do
    @sitting.allow(%w[write])
    at(:phone) do
      hold "Blue"
      network(false)
      stroke([ 60, 60 ], [ 140, 100 ])
      assert_selector "#unsent", text: "1 not sent yet"
      network(true)
      assert_no_selector "#unsent", wait: 30
    ensure
      network(true)
    end
    assert_selector "#page-content [data-kind=ink]", count: 1
    assert_equal 1, Item.where(kind: "ink").count
  end

  test "a part of the script that does not come through is said where it was tapped for, and comes by itself where it was not" do
    at(:phone) do
      withheld "writing", "playing"
      @sitting.allow(%w[answer write])
      Sending.out(activity(@lesson), @sitting)
      assert_selector "#line", text: "looking for Usher"
      find("[data-play]", match: :first).click
      assert_selector ".toast", text: "Usher cannot be reached."
      assert_no_selector "#hold button", text: "Blue"
      withheld
      assert_selector "[data-player]"
      click_button "Back to the page"
      hold "Blue"
      assert_no_selector "#line"
    ensure
      withheld
    end
  end

  test "a hand is up at the tap; without a network it is on its way, and comes down again when the teacher has seen it" do
    seat = @sitting.seats.sole
    at(:phone) do
      network(false)
      click_button "Hand up"
      assert_selector "#hand[aria-pressed=true][data-going]"
      assert_text "looking for Usher"
      assert_nil seat.reload.hand_at
      network(true)
      assert_selector "#hand[aria-pressed=true]:not([data-going])", wait: 30
    ensure
      network(true)
    end
    assert seat.reload.hand_at
    seat.raise_hand(false)
    at(:phone) { assert_selector "#hand[aria-pressed=false]" }
  end

  test "a practice class comes in over real websockets, answers and writes, is marked, and goes with all it did" do
    @sitting.allow(%w[answer point write])
    find(".bar-doors").click
    within("#doors") do
      find("summary", text: "Practice class").click
      fill_in "How many", with: "4"
      select "quick", from: "How quick"
      click_button "Let them in"
      assert_text "4 simulated students are in"
    end
    eventually("they come in") { @sitting.seats.where(simulated: true).count(&:here?) >= 3 }
    poll = Poll.ask(@sitting.reload, "words", { "most" => "3" })
    eventually("they answer", seconds: 40) { poll.answers.count >= 3 }
    Sending.out(activity(@lesson), @sitting)
    eventually("they play", seconds: 60) { Attempt.where(participant: Participant.where(seat: @sitting.seats.where(simulated: true))).sum(:answered) >= 3 }
    eventually("they write", seconds: 60) { Item.where(kind: "ink").where.not(seat_id: nil).exists? }
    assert @sitting.seats.where(simulated: true).all? { |seat| seat.name.end_with?("(practice)") }
    within("#doors") do
      click_button "Send them home, with all they did"
      assert_button "Let them in"
    end
    assert_equal [ "Juniper" ], @sitting.seats.reload.pluck(:name)
  ensure
    Practice.finish(@sitting)
  end

  test "half the class loses the network and one device sleeps while the lesson goes on: all come up to where it is" do
    @sitting.allow(%w[answer write])
    come_in "Wren", :laptop
    come_in "Pip", :tablet
    at(:phone) { network(false) }
    at(:tablet) { asleep(true) }
    find(".bar-next").click
    at(:laptop) { assert_selector "[data-page='#{@second.id}']", visible: :all }
    30.times { |number| @second.reload.perform({ "verb" => "put", "items" => [ { "kind" => "note", "id" => "note#{number}", "x" => 40 * number, "y" => 20, "width" => 200, "height" => 120, "text" => "At #{number}" } ] }, id: SecureRandom.alphanumeric(20), by: @owner, layer: @sitting.reload.layer) }
    poll = Poll.ask(@sitting.reload, "letters", { "count" => "3" })
    at(:phone) { assert_no_selector "form[data-poll-kind]" }
    sleep Integer(ENV.fetch("ASLEEP", 8)) # seconds; longer than a socket is waited for (two beats)
    at(:phone) { network(true) }
    at(:tablet) { asleep(false) }
    { phone: "A", tablet: "B", laptop: "C" }.each do |place, letter|
      at(place) do
        assert_selector "[data-page='#{@second.id}']", visible: :all, wait: 30
        assert_selector "[data-kind=note]", count: 30, visible: :all, wait: 30
        assert_selector "form[data-poll-kind]", wait: 30
        answer letter
        assert_text "Kept"
      end
    end
    assert_equal({ "A" => 1, "B" => 1, "C" => 1 }, poll.answers.pluck(:value).tally)
    assert_equal 3, @sitting.seats.count, "nobody had to come in again"
  ensure
    at(:phone) { network(true) }
    at(:tablet) { asleep(false) }
  end

  test "an answer goes over the open socket, by a request where that says nothing, and is counted once" do
    poll = Poll.ask(@sitting.reload, "letters", { "count" => "3" })
    at(:phone) do
      assert_selector "form[data-poll-kind]"
      eventually("its part of the script is there") { page.evaluate_script("Boolean(window.usherFollower.answers)") }
      answer "A"
      assert_selector "[data-answered] [role=status]", text: "Kept. You can change it"
      assert_button "Send again"
      assert_equal 0, requests_for("/seat/answer")
      page.execute_script("usherFollower.feed.perform = () => true") # a socket that is dead and does not know it
      find("label", text: "B", exact_text: true).click
      click_button "Send again"
      assert_text "You said B."
      assert_equal 1, requests_for("/seat/answer")
    end
    assert_equal [ "B" ], poll.answers.pluck(:value)
    poll.close
    at(:phone) { assert_no_selector "form[data-poll-kind]" }
  end

  test "four at once: a question to a group, answers that grow on the page, one without network, one that reloads" do
    find(".bar-doors").click
    assert_no_selector "#ask-whom option", text: "Juniper", visible: :all # a name is not for the wall
    come_in "Wren", :laptop
    come_in "Pip", :tablet
    @sitting.seats.where(name: %w[Wren Pip]).each { |seat| seat.update!(group_name: "Boats") }
    @sitting.tell_boards(roll: true)
    within("#doors") do
      select "Boats", from: "ask-whom"
      click_button "A–C"
    end
    assert_text "0 of 2 answered"
    find(".bar-doors").click
    within("#doors") do
      click_button "Show the answers"
      click_button "Put them on the page"
      find("[data-close]", match: :first).click
    end
    assert_selector "#page-content [data-kind=results]"
    at(:phone) { assert_no_selector "form[data-poll-kind]" }
    at(:laptop) { answer "C" }
    at(:tablet) do
      assert_selector "form[data-poll-kind]"
      network(false)
      answer "A"
      network(true)
      assert_text "Kept", wait: 30
    ensure
      network(true)
    end
    assert_selector "#page-content [data-kind=results][aria-label*='A 1, B 0, C 1']", visible: :all
    at(:phone) { assert_selector "[data-kind=results][aria-label*='A 1, B 0, C 1']", visible: :all }
    at(:laptop) do
      visit seat_path
      assert_text "You said"
    end
    find(".bar-next").click
    %i[phone laptop tablet].each { |place| at(place) { assert_no_selector "[data-kind=results]", visible: :all } }
  end

  private

  def answer(letter)
    find("form[data-poll-kind] label", text: letter, exact_text: true).click
    click_button "Send my answer"
  end

  def requests_for(path) = page.evaluate_script("performance.getEntriesByType('resource').filter(({ name }) => name.endsWith('#{path}')).length")

  # As a phone in a pocket: no timer runs, nothing is heard.
  def asleep(yes) = cdp("Page.setWebLifecycleState", state: yes ? "frozen" : "active")

  def network(there)
    cdp("Network.enable")
    cdp("Network.emulateNetworkConditions", offline: !there, latency: 0, downloadThroughput: there ? -1 : 0, uploadThroughput: there ? -1 : 0)
  end

  # Modules that this browser cannot fetch.
  def withheld(*names)
    cdp("Network.enable")
    cdp("Network.setBlockedURLs", urls: names.map { |name| "*/#{name}*.js" })
  end

  def come_in(name, place)
    at(place) do
      visit join_path(@sitting.reload.code)
      fill_in "Your name", with: name
      click_button "Come in"
      assert_selector "#page-view"
    end
  end

  def hold(name) = find("#hold button", exact_text: name).click

  # A place in CSS pixels from the corner of the sheet, on the screen.
  def on_sheet(x, y)
    left, top = page.evaluate_script("(() => { const r = document.querySelector('.device-sheet').getBoundingClientRect(); return [r.x, r.y] })()")
    [ left + x, top + y ]
  end

  def stroke(*places) = touch(places.map { |x, y| on_sheet(x, y) })

  def touch_hold(x, y)
    cdp("Input.dispatchTouchEvent", type: "touchStart", touchPoints: [ { x: x, y: y, id: 0 } ])
    cdp("Input.dispatchTouchEvent", type: "touchMove", touchPoints: [ { x: x + 4, y: y + 2, id: 0 } ])
  end
end
