require "capybara"
require "selenium-webdriver"

# Debian's Chromium, as tests, benches and screenshots drive it: nothing is looked for outside.
module Chromium
  FLAGS = %w[--headless=new --no-sandbox --disable-dev-shm-usage --disable-quic --disable-sync --disable-background-networking --no-first-run
             --disable-component-update --use-fake-device-for-media-stream=display-media-type=browser --use-fake-ui-for-media-stream
             --use-angle=swiftshader --enable-unsafe-swiftshader --autoplay-policy=no-user-gesture-required --hide-scrollbars].freeze

  # Looks again when what it was about to press has just been replaced by htmx; Chromium's driver calls
  # that an unknown error, which Capybara would not try again.
  class Driver < Capybara::Selenium::Driver
    def invalid_element_errors = [ *super, Selenium::WebDriver::Error::UnknownError ]
  end

  module_function

  # Registers a Capybara driver by this name. width and height in CSS pixels; a block gets each driver that is made.
  def register(name, width: 1280, height: 800, touch: false, &made)
    Capybara.register_driver(name) do |app|
      options = Selenium::WebDriver::Options.chrome(binary: "/usr/bin/chromium", args: [ *FLAGS, "--window-size=#{width},#{height + 150}" ])
      options.add_option("goog:loggingPrefs", { browser: "ALL" })
      service = Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver")
      Driver.new(app, browser: :chrome, options: options, service: service)
        .tap { |driver| size(driver, width, height, touch: touch) }.tap { |driver| made&.call(driver) }
    end
  end

  # The viewport, exactly.
  def size(driver, width, height, touch: false)
    cdp(driver, "Emulation.setDeviceMetricsOverride", width: width, height: height, deviceScaleFactor: 1, mobile: false)
    cdp(driver, "Emulation.setTouchEmulationEnabled", enabled: touch, maxTouchPoints: 5)
  end

  def cdp(driver, command, **parameters) = driver.browser.execute_cdp(command, **parameters)
end
