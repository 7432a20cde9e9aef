require "test_helper"
require "chromium"
require "support/witness"

{ wall: {}, laptop: {}, phone: { width: 390, height: 844, touch: true }, tablet: { width: 820, height: 1180, touch: true } }
  .each { |name, kind| Chromium.register(name, **kind) { |driver| Witness.watch(driver) } }
# Without config/puma.rb: that claims the data folder, and the tests run in several processes.
Capybara.server = :puma, { Silent: true, Threads: "0:12", config_files: [ "-" ] }
Capybara.default_max_wait_time = 15 # a machine may be busy; what is there is not waited for
Capybara.enable_aria_label = true

# Journeys in a real browser. Several people take part, each in a browser of their own:
# `at(:wall) { ... }` is the teacher at the panel, `at(:phone) { ... }` a student.
class ApplicationSystemTestCase < ActionDispatch::SystemTestCase
  driven_by :wall

  setup { ActiveJob::Base.queue_adapter = :async }
  teardown { assert_empty script_errors, "The browser's scripts failed." }

  # Not a teardown block: what fails in one of those leaves the others out.
  def after_teardown
    super
  ensure
    @deaf&.each(&:quit)
    ActiveJob::Base.queue_adapter = :test
  end

  # What a board could not send must not reach the next test, whose lessons have the same numbers. The page is left
  # first, since a board then keeps and sends what was being typed, and what it sent is waited for.
  def before_teardown
    super
    Witness.tell(Capybara.send(:session_pool)) unless passed? || skipped?
    Capybara.send(:session_pool).each_value do |session|
      browser = session.driver.browser
      origin = browser.current_url[%r{\Ahttp://[^/]+}] or next
      browser.navigate.to "#{origin}/up"
      session.server.wait_for_pending_requests
      browser.execute_cdp("Storage.clearDataForOrigin", origin: origin, storageTypes: "indexeddb")
    end
  end

  # What went wrong in the scripts of every browser that took part.
  def script_errors
    Capybara.send(:session_pool).values.flat_map { |session| session.driver.browser.logs.get(:browser).map(&:message).grep(/Uncaught/) }
  end

  def at(place, &block) = Capybara.using_session(place == :wall ? :default : place) { Capybara.using_driver(place, &block) }

  def sign_in(teacher)
    visit new_session_path
    fill_in "Email address", with: teacher.email
    fill_in "Password", with: World::PASSWORD
    click_button "Sign in"
    assert_selector "h2", text: "Lessons"
  end

  # A teacher with a lesson of one page (@owner, @lesson, @page), at its board.
  def start_at_board
    @owner = teacher
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
    sign_in @owner
    open_board @lesson
  end

  # The board of a lesson, ready to be written on.
  def open_board(lesson, teach: false)
    visit(teach ? lesson_teach_path(lesson) : lesson_path(lesson))
    @teaching = teach
    assert_selector "#stage[style*=cursor]"
  end

  # What is laid on the page that a board shows is to be seen there once this answers.
  def lay(sheet, *items, **more)
    super.tap { items.each { |item| assert_selector "#item-#{item['id']}", visible: :all } if shown_on_board == sheet.id }
  end

  def shown_on_board = page.evaluate_script("JSON.parse(document.getElementById('board')?.dataset.board ?? '{}').page")

  # A file on this device, for what takes one.
  def file(name, bytes) = File.join(Dir.mktmpdir("usher-test"), name).tap { |path| File.binwrite(path, bytes) }

  def tool(name) = find("[data-tool='#{name}']", match: :first).click

  # A mouse or a pen along [[x, y], ...] in CSS pixels. force: 0 to 1, or a block of the index.
  def draw(points, type: "mouse", force: 0.5, hold: false, shift: false)
    points.each_with_index do |(x, y), index|
      cdp("Input.dispatchMouseEvent", type: index.zero? ? "mousePressed" : "mouseMoved", x: x, y: y, button: "left", buttons: 1, clickCount: 1,
        pointerType: type, force: force.respond_to?(:call) ? force.call(index) : force, modifiers: shift ? 8 : 0)
    end
    lift(points.last, type: type, shift: shift) unless hold
  end

  def lift((x, y), type: "mouse", shift: false)
    cdp("Input.dispatchMouseEvent", type: "mouseReleased", x: x, y: y, button: "left", clickCount: 1, pointerType: type, modifiers: shift ? 8 : 0)
  end

  def tap_at(x, y) = draw([ [ x, y ] ])

  # A handle of what is chosen, by so many CSS pixels, once all that was done before is kept: until then it
  # may still go elsewhere.
  def drag_handle(name, dx, dy)
    assert_text "every change kept"
    assert_selector ".touch[data-handle=#{name}]", visible: :all
    x, y = page.evaluate_script("(() => { const r = document.querySelector('.touch[data-handle=#{name}]').getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2] })()")
    draw [ [ x, y ], [ x + dx / 2, y + dy / 2 ], [ x + dx, y + dy ] ]
  end

  # Until the screen has been drawn smoothly for some frames, or five seconds have gone: what a person sees before
  # pressing. Chromium takes a finger away again when a frame of a new screen lasts too long.
  def drawn
    page.evaluate_async_script(<<~JS)
      const done = arguments[0], until = performance.now() + 5000
      let smooth = 0, last = performance.now()
      const look = now => {
        smooth = now - last < 50 ? smooth + 1 : 0
        last = now
        smooth > 5 || now > until ? done(true) : requestAnimationFrame(look)
      }
      requestAnimationFrame(look)
    JS
  end

  # Fingers: each a list of [x, y], moved together step by step. radius: half of how broad each is.
  def touch(*fingers, radius: 8)
    several_fingers if fingers.size > 1
    fingers.map(&:size).max.times do |step|
      points = fingers.each_with_index.map { |finger, id| { x: finger[[ step, finger.size - 1 ].min][0], y: finger[[ step, finger.size - 1 ].min][1], radiusX: radius, radiusY: radius, id: id } }
      cdp("Input.dispatchTouchEvent", type: step.zero? ? "touchStart" : "touchMove", touchPoints: points)
    end
    cdp("Input.dispatchTouchEvent", type: "touchEnd", touchPoints: [])
  end

  # A finger that goes at once. A machine that was too slow for that made it rest: it is taken away and comes again.
  def swipe(x, y, by)
    10.times do
      came = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      finger "touchStart", [ x, y ]
      finger "touchMove", [ x, y + by / 5.0 ]
      break if Process.clock_gettime(Process::CLOCK_MONOTONIC) - came < 0.2
      finger "touchCancel"
    end
    (2..5).each { |step| finger "touchMove", [ x, y + by * step / 5.0 ] }
    finger "touchEnd"
  end

  def finger(type, *places) = cdp("Input.dispatchTouchEvent", type: type, touchPoints: places.map { |x, y| { x: x, y: y } })

  # Chromium 156, driven like this, hears no touch any more on the next address once it had two fingers at a time: on a page without
  # any script too. So a browser that had is not used again by the next journey.
  def several_fingers = (@deaf ||= Set.new) << page

  def cdp(command, **parameters) = page.driver.browser.execute_cdp(command, **parameters)

  # Where a place on the page is on the screen.
  def on_screen(x, y)
    page.evaluate_script("(() => { const svg = document.getElementById('page-view'), p = svg.createSVGPoint(); p.x = #{x}; p.y = #{y}; const q = p.matrixTransform(svg.getScreenCTM()); return [q.x, q.y] })()")
  end

  def wave(from, count: 24, step: 8) = Array.new(count) { |index| [ from[0] + index * step, from[1] + (Math.sin(index / 3.0) * 30).round(1) ] }

  # How many entries the browser keeps that the server has not said are kept.
  def unsent
    page.evaluate_async_script(<<~JS)
      const done = arguments[0], opening = indexedDB.open("usher", 1)
      opening.onsuccess = () => { const count = opening.result.transaction("entries").objectStore("entries").count(); count.onsuccess = () => { opening.result.close(); done(count.result) } }
    JS
  end

  # Waits until the database says so.
  def eventually(message = nil, seconds: 15)
    deadline = Time.now + seconds
    sleep 0.05 until (found = yield) || Time.now > deadline
    assert found, message || "did not happen within #{seconds} s: line #{caller_locations(1, 1).first.lineno}"
    found
  end

  # What lies on a page, as the board that was opened last shows it: prepared, or in the class's layer.
  def items(page, kind = nil) = showing(page).items.select { |item| kind.nil? || item.kind == kind }
  def data(key) = items(@page).find { |item| item.key == key }&.data

  def showing(page)
    lesson = page.reload.lesson.reload
    page.showing(@teaching ? Viewer.teaching(lesson.sitting) : Viewer.preparing(lesson))
  end

  def assert_accessible(context: nil)
    page.execute_script(File.read(Rails.root.join("node_modules/axe-core/axe.min.js"))) unless page.evaluate_script("Boolean(window.axe)")
    found = page.evaluate_async_script("const done = arguments[0]; axe.run(document, { resultTypes: ['violations'] }).then(r => done(r.violations.filter(v => ['serious', 'critical'].includes(v.impact)).map(v => v.id + ': ' + v.nodes.slice(0, 3).map(n => n.target.join(' ') + ' ' + (n.any[0] && n.any[0].message || '')).join(' | '))))")
    assert_empty found, "axe on #{context || page.current_path}"
  end
end
