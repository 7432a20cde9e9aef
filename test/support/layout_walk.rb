# Looks at the screen in front at every size it is used at (layout_walk.js), and collects what is wrong.
module LayoutWalk
  SIZES = [ [ 1280, 800 ], [ 1366, 768 ], [ 1024, 768 ], [ 1920, 1080 ], [ 820, 1180 ], [ 390, 844 ], [ 640, 400 ] ].freeze
  SCRIPT = File.read(File.expand_path("layout_walk.js", __dir__)).freeze

  # name: of the state, for what is found. only: sizes, where the state does not exist at others.
  def walk(name, sizes: SIZES)
    before = page.evaluate_script("[innerWidth, innerHeight]")
    sizes.each do |width, height|
      resize(width, height)
      page.evaluate_script(SCRIPT.sub(/\A(\/\/.*\n)+/, "")).each { |fault| faults << "#{name} at #{width}x#{height}: #{fault}" }
    end
    resize(*before)
  end

  def faults = @faults ||= []

  private

  # Two frames later everything lies where it belongs.
  def resize(width, height)
    cdp("Emulation.setDeviceMetricsOverride", width: width, height: height, deviceScaleFactor: 1, mobile: false)
    page.evaluate_async_script("requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(arguments[0], 60)))")
  end
end
