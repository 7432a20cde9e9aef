# One process. Devices hold websockets, not threads, so a few threads serve a school.
require_relative "../lib/data_folder"
require_relative "../lib/doors"
require_relative "../lib/backup"

DataFolder.claim(ENV.fetch("USHER_DATA", "storage"), shared: ENV.key?("REDIS_URL"))

threads_count = ENV.fetch("USHER_THREADS", 8).to_i
threads threads_count, threads_count
here, number = ENV.fetch("USHER_BIND", "0.0.0.0"), ENV.fetch("PORT", 3000)
ENV["USHER_CERT"] ? ssl_bind(here, number, cert: ENV["USHER_CERT"], key: ENV.fetch("USHER_KEY")) : port(number, here)
http_content_length_limit Doors::BodyLimits::MOST
environment ENV.fetch("RAILS_ENV", "development")
plugin :tmp_restart
pidfile ENV["PIDFILE"] if ENV["PIDFILE"]
unless ENV["RAILS_ENV"] == "test"
  copy = ENV["USHER_COPY"]
  on_booted { Backup::Stream.new(ENV.fetch("USHER_DATA", "storage"), copy, environment: ENV["RAILS_ENV"]).start { |words| warn words } } if copy
  plugin :solid_queue
  solid_queue_mode :async
end
