ENV["BUNDLE_GEMFILE"] ||= File.expand_path("../../Gemfile", __dir__)
require "bundler/setup"
require_relative "server"
$LOAD_PATH.unshift File.join(Bench::ROOT, "lib")
require "chromium"

module Bench
  # Chromium sessions on a server of the bench's own, signed in as the demo teacher or not.
  module Browser
    Capybara.run_server = false
    Capybara.default_max_wait_time = 10
    Capybara.enable_aria_label = true
    Chromium.register(:wall)
    Chromium.register(:phone, width: 390, height: 844)

    module_function

    def open(driver, url)
      Capybara.app_host = url
      Capybara::Session.new(driver)
    end

    def sign_in(session)
      session.visit "/session/new"
      session.fill_in "Email address", with: "keeper@gullpoint.example"
      session.fill_in "Password", with: "low tide at noon"
      session.click_button "Sign in"
      session.assert_selector "h2", text: "Lessons"
    end
  end
end
