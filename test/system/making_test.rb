require "application_system_test_case"

# Making activities at the board.
class MakingTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "labels are tapped onto a picture that was searched for, moved by keys, and put on the page" do
    make "Label the picture"
    fill_in "Title", with: "Parts of a boat"
    click_button "Look at it"
    assert_text "Tap the picture where a label belongs"
    take_picture "Sailing boat"
    { "mast" => [ 0.5, 0.2 ], "hull" => [ 0.5, 0.7 ] }.each do |word, at|
      tap_at(*in_frame(*at))
      assert_selector ".maker-pin", count: word == "mast" ? 1 : 2
      type word
    end
    find("[data-pin='0']").send_keys(*[ :down ] * 4)
    click_button "Look at it"
    assert_selector "#maker .spot", count: 2
    click_button "Put it on the page"
    assert_no_selector "#maker"
    made = eventually { Activity.last }
    assert_equal [ [ 0.5, 0.24 ], [ 0.5, 0.7 ] ], made.content["labels"].map { |label| label["at"].map { |share| share.round(2) } }
    assert_equal %w[mast hull], made.content["labels"].map { |label| label["face"]["text"] }
    eventually { items(@page, "activity").size == 1 }
  end

  test "areas are drawn on a picture, by hand and by keys" do
    make "Find it on the picture"
    fill_in "Title", with: "Where is it?"
    take_picture "Sailing boat"
    click_button "Ellipse"
    draw [ in_frame(0.7, 0.1), in_frame(0.8, 0.3), in_frame(0.88, 0.35) ]
    type "the sun"
    first(:button, "Put on the middle of the picture: row 2").click
    eventually { active["data-pin"] == "1" }
    active.send_keys(:left, :left, [ :shift, :right ])
    find("#maker tbody tr:nth-of-type(2) input").set("the sail")
    click_button "Look at it"
    assert_selector "#maker [data-find]"
    sun, sail = Activity.last.content["things"]
    assert_equal [ "ellipse", "the sun" ], [ sun["area"]["shape"], sun["ask"]["text"] ]
    [ [ 0.7, 0.1 ], [ 0.88, 0.35 ] ].zip(sun["area"]["points"]).each { |meant, drawn| meant.zip(drawn).each { |a, b| assert_in_delta a, b, 0.02 } }
    assert_equal [ [ 0.38, 0.4 ], [ 0.59, 0.6 ] ], sail["area"]["points"].map { |point| point.map { |share| share.round(2) } }
  end

  test "a cell takes a picture from the page, words that are read aloud, and a file" do
    lay(@page, { "kind" => "picture", "id" => "mole", "x" => 900, "y" => 300, "width" => 200, "height" => 150, "picture" => picture_of(@owner).id, "alt" => "The mole" })
    make "Match up"
    fill_in "Title", with: "Which is which?"
    bring(1, 1) { find("#face-chooser [data-face=mole]").click }
    bring(1, 2) do
      fill_in "said", with: "the mole"
      click_button "Take them"
    end
    bring(2, 1) { attach_file "A file from this device", file("boat.svg", svg), make_visible: true }
    assert_selector ".maker-thumb", count: 2
    cell(2, 2).set("a red buoy")
    find("button[aria-label='Take the picture out']", match: :first).click
    cell(1, 1).set("mole")
    click_button "Look at it"
    assert_selector "#maker .player .face-picture"
    assert_selector "#maker .player .face-sound"
    assert_equal [ [ { "text" => "mole" }, { "said" => "the mole" } ] ], Activity.last.content["rows"].first(1)
  end

  test "what lies on the page is dragged into a cell, or tapped for the one that is written in" do
    { "mole" => "The mole", "buoy" => "A buoy" }.each_with_index do |(id, alt), index|
      lay(@page, { "kind" => "picture", "id" => id, "x" => 300 + index * 400, "y" => 300, "width" => 200, "height" => 150, "picture" => picture_of(@owner, svg.sub("40 30", "40 3#{index}")).id, "alt" => alt })
    end
    make "Sort into groups"
    fill_in "Title", with: "What floats?"
    assert_accessible context: "what lies on the page beside the table"
    from, to = [ find("#maker [data-face=buoy]"), cell(2, 1) ].map { |one| middle_of(one) }
    draw [ from, [ (from[0] + to[0]) / 2, to[1] ], to ]
    assert_selector "#maker tbody tr:nth-of-type(2) .maker-thumb"
    cell(1, 1).click
    find("#maker [data-face=mole]").click
    assert_selector "#maker tbody tr:nth-of-type(1) .maker-thumb"
    cell(3, 1).set("an anchor")
    find("#maker [data-face=mole]").send_keys(:enter)
    assert_selector ".maker-thumb", count: 3
    [ "floats", "floats", "sinks" ].each.with_index(1) { |group, row| cell(row, 2).set(group) }
  end

  test "words of a cell get a look, and a formula is set; one that is none is told" do
    make "Choose one"
    fill_in "Title", with: "Halves"
    cell(1, 1).set("Which is half of it")
    cell(1, 1).send_keys(*[ [ :shift, :left ] ] * 5)
    click_button "Slanted: _words_"
    cell(1, 2).click
    click_button "A formula between backticks: `1/2`"
    cell(1, 2).send_keys("(1/2")
    cell(1, 3).set("2*3*4")
    assert_text "A bracket of this formula has no partner."
    cell(1, 2).set("`1/2`")
    click_button "Look at it"
    assert_selector "#maker .question em", text: "of it"
    assert_selector "#maker .question-options svg[aria-label='1/2']"
    assert_selector "#maker button", text: "2*3*4"
    assert_accessible context: "a formula to choose"
    assert_equal "Which is half _of it_", Activity.last.content["questions"][0]["ask"]["text"]
    click_button "Change it"
    assert_equal "Which is half _of it_", cell(1, 1).value
    find_field("Title").click
    click_button "Slanted: _words_"
    assert_text "Tap into a cell first."
  end

  test "gaps from a text on the page: words are proposed, taken in and out, and given wrong ones" do
    lay(@page, { "kind" => "text", "id" => "tale", "x" => 100, "y" => 100, "width" => 700, "height" => 80, "text" => "At ebb the water falls and leaves the harbour. Twice a day it rises again." })
    click_button "Activity"
    find(".maker-found .maker-kind", text: "At ebb the water falls").click
    assert_selector ".maker-gap", text: "harbour"
    find(".maker-word", text: "water").send_keys(:enter)
    assert_selector ".maker-gap button:focus", text: "water"
    click_button "Gap “water”: wrong words and other right ones"
    [ "sand, wind", "sea" ].each do |words|
      assert_selector ".ask-words"
      active.send_keys(words, :enter)
    end
    click_button "One gap more"
    assert_selector ".maker-gap", count: 3
    click_button "One gap less"
    assert_selector ".maker-gap", count: 2
    click_button "Look at it"
    assert_selector "#maker .player"
    assert_equal [ { "right" => %w[water sea], "wrong" => %w[sand wind] }, { "right" => [ "harbour" ], "wrong" => [] } ], Activity.last.content["text"].grep(Hash)
  end

  test "a sheet of an activity and of five questions from the bank, of which one is changed for another" do
    quiz = @lesson.activities.create!(title: "Tides", kind: "true_false", content: { "sentences" => Array.new(7) { |n| { "ask" => "The tide is #{n} high.", "true" => n.even? } } })
    @owner.bank_questions.take_in(quiz, subject: "Science", tags: "tides")
    make "Sheet"
    fill_in "Title", with: "Before the trip"
    click_button "Look at it"
    assert_text "Take in 1 to 20 activities."
    assert_field "Title", with: "Before the trip"
    fill_in "about", with: "tides"
    click_button "From my question bank"
    assert_selector ".maker-parts > li", count: 1
    find(".maker-parts summary", text: "5 questions").click
    before = all(".maker-parts .maker-kept li > span").map(&:text)
    first(:button, "Another one please").click
    eventually { (all(".maker-parts .maker-kept li > span").map(&:text) - before).one? }
    find("summary", text: "Take an activity in").click
    click_button "Take in", match: :first
    assert_selector ".maker-parts > li", count: 2
    click_button "Part 2 earlier"
    fill_in "Title of part 1", with: "First this"
    click_button "Look at it"
    assert_selector "#maker .sheet-parts button", count: 2
    assert_equal [ [ "First this", 7 ], [ "Tides", 5 ] ], Activity.last.content["parts"].map { |part| [ part["title"], part["content"]["sentences"].size ] }
    find("#maker summary", text: "Keep its questions").click
    fill_in "Tags, with commas between", with: "trip"
    click_button "Keep them"
    assert_text "All of them are in your bank already."
  end

  test "what is missing or clashes is said beside its place while one types" do
    make "Match up"
    cell(1, 1).set("ebb")
    cell(1, 2).set("falls")
    cell(2, 1).set("flood")
    assert_selector "#maker tbody tr:nth-of-type(2) .maker-said", text: "Row 2 needs something"
    cell(2, 2).set("falls")
    assert_selector "#maker tbody tr:nth-of-type(2) .maker-said", text: "“falls” would belong to two rows"
    cell(2, 2).set("rises")
    assert_no_selector ".maker-said"
  end

  private

  def make(kind)
    click_button "Activity"
    find(".maker-kind", text: kind).click
    assert_selector "#maker .maker-form"
  end

  def take_picture(title)
    click_button "Choose the picture"
    find("#face-chooser .store-shelves button", text: "Picture search").click
    find("#face-chooser [data-face]", text: title, match: :first).click
    eventually { page.evaluate_script("document.querySelector('[data-frame] img')?.naturalWidth > 0") }
  end

  # Into the row that waits for it, which is empty: the one before may have the focus a moment longer.
  def type(word)
    eventually { page.evaluate_script("document.activeElement.matches('#maker tbody input') && !document.activeElement.value") }
    active.send_keys(word)
  end

  def active = page.driver.browser.switch_to.active_element

  def in_frame(x, y)
    left, top, width, height = find("[data-frame] img").evaluate_script("(this.scrollIntoView({ block: 'center' }), (r => [r.x, r.y, r.width, r.height])(this.getBoundingClientRect()))")
    [ left + x * width, top + y * height ]
  end

  def middle_of(element) = element.rect.then { |at| [ at.x + at.width / 2, at.y + at.height / 2 ] }
  def cell(row, column) = find("#maker tbody tr:nth-of-type(#{row}) td:nth-of-type(#{column}) .input")

  def bring(row, column)
    find("#maker tbody tr:nth-of-type(#{row}) td:nth-of-type(#{column}) button[aria-label^='A picture or a sound']").click
    assert_selector "#face-chooser .faces"
    yield
    assert_no_selector "#face-chooser"
  end
end
