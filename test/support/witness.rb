# What the browsers of a journey saw, told where it fails: a journey that fails only now and then, on a machine of which
# nothing but its words is left, has to say by itself what happened.
module Witness
  SOURCE = File.read(File.expand_path("witness.js", __dir__)).freeze

  # Watches a browser from its next page on.
  def self.watch(driver)
    Chromium.cdp(driver, "Page.enable")
    Chromium.cdp(driver, "Page.addScriptToEvaluateOnNewDocument", source: SOURCE)
  end

  # What each session of a failed test kept, as lines; of one that says nothing more, what is seen from outside.
  def self.tell(sessions)
    sessions.each do |name, session|
      kept = session.evaluate_script("window.witness?.kept").presence or next
      puts "-- #{name} at #{session.current_path}", kept.map { |line| "   #{line}" }
    rescue Selenium::WebDriver::Error::WebDriverError => error
      puts "-- #{name}: #{error.class}"
    rescue Net::ReadTimeout
      puts "-- #{name} says nothing", *from_outside(session).map { |line| "   #{line}" }
    end
  end

  # What a browser without an answer has open, as it tells itself, the processor time of its processes, and what the
  # app's threads are at.
  def self.from_outside(session)
    pages = Net::HTTP.get(URI("http://#{session.driver.browser.capabilities['goog:chromeOptions']['debuggerAddress']}/json/list"))
    [ *JSON.parse(pages).map { |page| page.values_at("type", "url").join(" ") }, *`ps -C chromium -o pid,stat,time,args`.lines.map { |line| line.strip[..120] },
      *Thread.list.map { |thread| "#{thread.inspect} #{thread.backtrace&.grep_v(/puma|concurrent/)&.first(6)&.join(' < ')}" } ]
  rescue SystemCallError, Timeout::Error, JSON::ParserError => error
    [ "#{error.class} #{error.message}" ]
  end
end
