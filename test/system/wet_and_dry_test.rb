require "application_system_test_case"

# What the pen draws while it is wet and what Ruby returns must not visibly differ.
class WetAndDryTest < ApplicationSystemTestCase
  test "the browser and the core agree about the width of every point" do
    visit_board
    random = Random.new(5)
    strokes = Array.new(12) do |index|
      x = y = ms = 0
      Array.new(3 + random.rand(60)) { [ x += random.rand * 12, y += random.rand * 9 - 4, (index.even? ? random.rand.round(2) : nil), ms += random.rand(12) ] }
    end
    found = page.evaluate_async_script(<<~JS, strokes)
      const [strokes, done] = arguments
      import("surface/nib").then(({ strokeWidths }) => done(strokes.map(points => strokeWidths(points, 7, "lively"))))
    JS
    strokes.zip(found).each { |points, widths| Usher::Ink::Nib.stroke_widths(points, 7).zip(widths).each { |ruby, browser| assert_in_delta ruby, browser, 1e-6 } }
  end

  test "the dots on screen stay the same when Ruby's drawing takes over" do
    visit_board
    tool "pen"
    page.execute_script("window.fetchNow = window.fetch; window.fetch = (...asked) => String(asked[0]).includes('operations') ? new Promise(go => { window.letGo = () => go(window.fetchNow(...asked)) }) : window.fetchNow(...asked)")
    draw Array.new(60) { |step| [ 400 + step * 7, 300 + Math.sin(step / 6.0) * 60 ] }
    sleep 0.3
    wet = dots
    assert_selector ".wet canvas", visible: :all
    page.execute_script("letGo()")
    assert_no_selector ".wet canvas", visible: :all
    assert_selector "[data-kind=ink]", count: 1, visible: :all
    dry = dots
    assert_operator (wet > 0).ifthenelse(1, 0).avg, :>, 0, "something was drawn"
    differing = ((wet - dry).abs > 110).ifthenelse(1.0, 0.0)
    assert_operator differing.avg * differing.width * differing.height, :<, 80, "dots of 82,800 that changed clearly"
  end

  private

  def visit_board
    owner = teacher
    sign_in owner
    open_board lesson(owner)
  end

  # The middle of the screen as darkness, 0 to 255.
  def dots
    picture = Vips::Image.new_from_buffer(Base64.decode64(cdp("Page.captureScreenshot", format: "png")["data"]), "")
    picture.extract_band(1).crop(380, 210, 460, 180).linear(-1, 255)
  end
end
