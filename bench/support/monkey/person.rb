module Monkey
  # Somebody at a browser of their own, who does whatever comes to mind. Everything follows from the seed: `random`.
  class Person
    WATCH = File.read(File.expand_path("watch.js", __dir__)).freeze
    SETTLE = 0.35 # seconds that a step is given
    FLING = 3 # seconds
    WORDS = [ "tide", "Ebbe & Flut", "3/4", "<b>rope</b>", "🐟 fish", "x" * 130, "ترس", "   " ].freeze
    KEYS = [ "Escape", "Enter", "Delete", "Backspace", "Tab", "ArrowLeft", "ArrowRight", "ArrowUp", "PageDown", "PageUp", " ", "a", "b", "e", "p", "t", "u", "z", "?", "+", "-", "." ].freeze
    CODES = { " " => "Space", "Escape" => "Escape" }.freeze
    VIRTUAL = { "Escape" => 27, "Enter" => 13, "Delete" => 46, "Backspace" => 8, "Tab" => 9, "ArrowLeft" => 37, "ArrowUp" => 38, "ArrowRight" => 39, "PageUp" => 33, "PageDown" => 34 }.freeze

    attr_reader :name, :session, :random, :did # did: { id of an operation => the steps that led to it }

    # home: answers with the paths this person may set out for; or the block is how they set out.
    def initialize(name, session, random, width:, height:, home: nil, &arrive)
      @name, @session, @random, @width, @height, @home, @arrive = name, session, random, width, height, home, arrive
      @did, @steps = {}, []
      watch
    end

    # Does something; answers with words for it.
    def step
      return set_out unless watched?
      renew if @fingers && js("!window.fingers")
      @before = state
      @tapped = @wrote = nil
      send(ACTIONS.sample(random: random)).tap { sleep SETTLE }
    end

    # What is wrong after it, as sentences.
    def faults(done)
      return [ "left Usher: #{session.current_url}" ] unless session.current_url.start_with?(Capybara.app_host)
      return [] unless watched?
      @steps = [ *@steps.last(5), done ]
      js("monkey.done().slice(-6).map(({ id }) => id)").each { |id| @did[id] ||= @steps.join(" / ") }
      found = js("monkey.faults.splice(0)").filter_map { |words| words.start_with?("rejected") ? told(words) : words }
      found << "#{@tapped} did nothing" if @tapped && still?
      found.concat(in_front(done), lost) if @before
      found
    end

    # What was done at this browser's boards, was not refused in words and does not wait in its store: [{ "id", "page", "to" }, ...].
    def done
      return [] unless watched?
      spared = js("monkey.refused()") + session.evaluate_async_script("monkey.waiting().then(arguments[0])")
      js("monkey.done()").reject { |one| spared.include?(one["id"]) }
    end

    def offline(on)
      js("monkey.offline = #{on}") if watched?
      cdp("Network.enable")
      cdp("Network.emulateNetworkConditions", offline: on, latency: 0, downloadThroughput: -1, uploadThroughput: -1)
      @offline = on
    end

    def set_out(to = @home&.sample(random: random))
      offline(false) if @offline
      @arrive ? @arrive.call(self) : session.visit(to)
      "goes to #{to}"
    end

    def js(code) = session.evaluate_script(code)
    def watched? = js("typeof monkey === 'object' && monkey.state && true")
    def state = js("monkey.state()")

    private

    def watch
      cdp("Page.enable")
      cdp("Page.addScriptToEvaluateOnNewDocument", source: WATCH)
      cdp("Page.setInterceptFileChooserDialog", enabled: true)
      cdp("Browser.setDownloadBehavior", behavior: "deny")
    end

    # A tab that was driven with several fingers hears none after the next address (Chromium 156); another does.
    def renew
      address, tab = session.current_url, session.open_new_window
      session.driver.browser.close # Capybara closes no first window
      session.switch_to_window(tab)
      @fingers = false
      Chromium.size(session.driver, @width, @height)
      watch
      session.visit address
    end

    CLOSES = /\A(goes|reloads|taps (button|a|input|select|textarea|summary) )|Escape|Enter|presses (Ctrl )? \z/ # the space bar presses what has the focus
    STAYS = /\A(types|pastes|presses|taps the margin)/ # a tap or a stroke somewhere may be one beside the sheet

    ACTIONS = ([ :tap_control ] * 9 + [ :draw ] * 4 + [ :tap ] * 2 + [ :press ] * 4 + [ :type ] * 2 + %i[double_tap fingers swipe paste wheel set_out reload spell_offline sheet_margin]).freeze

    # A tap on a control, by mouse or finger. One that may do nothing by right is not looked at afterwards.
    def tap_control
      control = js("monkey.controls()").sample(random: random) or return tap
      js("Object.assign(monkey, { changes: 0, here: true }) && true")
      finger = random.rand >= 0.5 && !control["file"]
      @tapped = control["name"] unless control["idle"] || control["file"] || @offline || (finger && flung?)
      finger ? touch([ [ [ control["x"], control["y"] ] ] ]) : mouse([ [ control["x"], control["y"] ] ])
      "taps #{control['name']}"
    end

    # Whether a page may still run on from a finger: a browser takes the next tap to stop it, also where nothing moves.
    def flung? = @swept && Process.clock_gettime(Process::CLOCK_MONOTONIC) - @swept < FLING

    # With where the browser says that it came from; nothing where that is a script of the driver's own, which has no address.
    def told(words)
      uncaught = session.driver.browser.logs.get(:browser).map(&:message).grep(/Uncaught/).last.to_s
      "#{words} #{uncaught}" unless uncaught.start_with?("javascript ")
    end

    # Whether nothing at all has happened, also a while later.
    def still?
      30.times { js("typeof monkey === 'object' && monkey.here && !monkey.changes") ? sleep(0.05) : (return false) }
      true
    rescue Selenium::WebDriver::Error::WebDriverError
      false
    end

    # Ink that a pen drew, and words of a text that was left, are on their way to the server.
    def lost
      found = []
      found << "a stroke of the pen was lost" if @wrote && 20.times.none? { strokes > @wrote || (sleep(0.1) && false) }
      words, after = @before["typing"], state
      if words && after["board"] && after["typing"].nil? && @before["path"] == after["path"]
        kept = js("monkey.done()").map { |one| one["what"] } + [ js("document.getElementById('page-content')?.textContent ?? ''") ]
        line = words.split("\n").map(&:strip).max_by(&:length)
        found << "what was typed was lost: #{line[0, 40].inspect}" unless kept.any? { |one| one.include?(line.to_json[1..-2]) || one.delete(" \u00a0").include?(line.delete(" \u00a0")) }
      end
      found
    end

    def strokes = js("monkey.done()").count { |one| one["what"].include?(%("kind":"ink")) }

    # A sheet closes, and what lies behind it changes, only by what is meant to do so.
    def in_front(done)
      return [] if @before["sheet"].nil? || @before["sheet"].start_with?("Dark screen") || done.match?(CLOSES)
      after = state
      found = []
      found << "the sheet “#{@before['sheet']}” closed" if after["sheet"].nil? && after["path"] == @before["path"] && done.match?(STAYS)
      found << "keys turned the page behind a sheet" if done.start_with?("presses") && after["page"] != @before["page"] && after["path"] == @before["path"]
      found << "keys changed what lies on the page behind a sheet" if done.start_with?("presses") && @before["items"].split(",").size > after["items"].split(",").size && after["page"] == @before["page"]
      found
    end

    def draw
      points = [ place ]
      random.rand(1..14).times { points << points.last.map { |n| n + random.rand(-160..160) }.then { |x, y| [ x.clamp(2, @width - 2), y.clamp(2, @height - 2) ] } }
      pause = [ 0, 0, 0.01, 0.04 ].sample(random: random)
      @wrote = strokes if writes_at?(*points.first)
      random.rand < 0.6 ? mouse(points, pause: pause) : touch([ points ], pause: pause)
      "draws #{points.map { |point| point.map(&:round).join(',') }.join(' ')}"
    end

    def writes_at?(x, y) = @before["board"] && @before["sheet"].nil? && %w[pen highlighter].include?(@before["tool"]) && js("monkey.paper(#{x}, #{y})")

    def tap = place.then { |at| mouse([ at ]); "taps at #{at.join(',')}" }

    def double_tap
      at = place
      2.times { |n| mouse([ at ], count: n + 1) }
      "double taps at #{at.join(',')}"
    end

    def fingers
      hands = Array.new(random.rand(2..3)) { Array.new(random.rand(1..6)) { place } }
      touch(hands)
      @fingers = js("window.fingers = true")
      "fingers at #{hands.map { |hand| hand.map { |at| at.join(',') }.join(' ') }.join(' | ')}"
    end

    def swipe
      x, y = place
      to = (x + [ -500, 500 ].sample(random: random)).clamp(1, @width - 1)
      touch([ (0..6).map { |n| [ x + (to - x) * n / 6, y ] } ])
      "swipes from #{x},#{y} to #{to},#{y}"
    end

    def press
      key = KEYS.sample(random: random)
      ctrl = key.size == 1 && random.rand < 0.25
      stroke(key, modifiers: (ctrl ? 2 : 0) | (random.rand < 0.15 ? 8 : 0))
      "presses #{'Ctrl ' if ctrl}#{key}"
    end

    def type
      words = WORDS.sample(random: random)
      cdp("Input.insertText", text: words)
      "types #{words[0, 20].inspect}"
    end

    def paste
      words = WORDS.sample(random: random)
      js("(() => { const data = new DataTransfer(); data.setData('text/plain', #{words.to_json}); (document.activeElement ?? document.body).dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })); return true })()")
      "pastes #{words[0, 20].inspect}"
    end

    def wheel
      x, y = place
      cdp("Input.dispatchMouseEvent", type: "mouseWheel", x: x, y: y, deltaX: random.rand(-300..300), deltaY: random.rand(-300..300), modifiers: [ 0, 2 ].sample(random: random))
      "turns the wheel at #{x},#{y}"
    end

    # Inside a sheet, where nothing is: it must stay.
    def sheet_margin
      at = js("(() => { const sheet = [...document.querySelectorAll('dialog:modal')].at(-1); if (!sheet) return null; const r = sheet.getBoundingClientRect(); return visualViewport.scale > 1 ? null : [Math.max(2, r.left + 6), Math.max(2, r.top + r.height / 2)] })()") or return tap
      mouse([ at ])
      "taps the margin of a sheet"
    end

    def reload
      js("location.reload() || true")
      "reloads"
    end

    def spell_offline
      offline(!@offline)
      @offline ? "loses the network" : "has the network again"
    end

    def place = [ random.rand(2..@width - 2), random.rand(2..@height - 2) ]

    def mouse(points, pause: 0, count: 1)
      points.each_with_index do |(x, y), index|
        cdp("Input.dispatchMouseEvent", type: index.zero? ? "mousePressed" : "mouseMoved", x: x, y: y, button: "left", buttons: 1, clickCount: count)
        sleep pause if pause.positive?
      end
      cdp("Input.dispatchMouseEvent", type: "mouseReleased", x: points.last[0], y: points.last[1], button: "left", clickCount: count)
    end

    def touch(hands, pause: 0)
      hands.map(&:size).max.times do |step|
        points = hands.each_with_index.map { |hand, id| { x: hand[[ step, hand.size - 1 ].min][0], y: hand[[ step, hand.size - 1 ].min][1], id: id } }
        cdp("Input.dispatchTouchEvent", type: step.zero? ? "touchStart" : "touchMove", touchPoints: points)
        sleep pause if pause.positive?
      end
      cdp("Input.dispatchTouchEvent", type: "touchEnd", touchPoints: [])
      @swept = Process.clock_gettime(Process::CLOCK_MONOTONIC) if hands.any? { |hand| hand.size > 1 }
    end

    def stroke(key, modifiers: 0)
      text = key.size == 1 && (modifiers & 2).zero? ? key : nil
      code = { windowsVirtualKeyCode: VIRTUAL[key] || key.upcase.ord, key: key, code: CODES[key] || (key.match?(/\A[a-z]\z/) ? "Key#{key.upcase}" : key), modifiers: modifiers }
      cdp("Input.dispatchKeyEvent", type: text ? "keyDown" : "rawKeyDown", **code, **(text ? { text: text } : {}))
      cdp("Input.dispatchKeyEvent", type: "keyUp", **code)
    end

    def cdp(command, **parameters) = session.driver.browser.execute_cdp(command, **parameters)
  end
end
