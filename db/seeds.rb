# The demo school, unless USHER_DEMO=0. Safe to run again.
unless ENV["USHER_DEMO"] == "0"
  require_relative "demo/school"
  Demo.load
end
