# What the browsers of a journey saw, told where it fails: a journey that fails only now and then, on a machine of which
# nothing but its words is left, has to say by itself what happened.
module Witness
  SOURCE = File.read(File.expand_path("witness.js", __dir__)).freeze

  # Watches a browser from its next page on.
  def self.watch(driver)
    Chromium.cdp(driver, "Page.enable")
    Chromium.cdp(driver, "Page.addScriptToEvaluateOnNewDocument", source: SOURCE)
  end

  # What each session of a failed test kept, as lines.
  def self.tell(sessions)
    sessions.each do |name, session|
      kept = session.evaluate_script("window.witness?.kept").presence or next
      puts "-- #{name} at #{session.current_path}", kept.map { |line| "   #{line}" }
    rescue Selenium::WebDriver::Error::WebDriverError => error
      puts "-- #{name}: #{error.class}"
    end
  end
end
