require Rails.root.join("lib/log_writer").to_s

# What bin/usher starts: one process for a school. Everything that differs between schools is an
# environment variable (see README, "Configuration for growth").
Rails.application.configure do
  config.enable_reloading = false
  config.eager_load = true
  config.consider_all_requests_local = false
  config.action_controller.perform_caching = true
  config.public_file_server.enabled = true
  config.active_storage.service = ENV.fetch("USHER_STORAGE", "local").to_sym

  # Schools start on their own network without certificates; behind a proxy with them, set this.
  config.force_ssl = config.assume_ssl = ENV["USHER_HTTPS"] == "1"
  config.hosts = ENV["USHER_HOSTS"].split(",") if ENV["USHER_HOSTS"]
  config.action_cable.disable_request_forgery_protection = false
  config.action_cable.allow_same_origin_as_host = true

  # A line of JSON a request: what it was for, how it ended and how long it took. No address, since those of shares,
  # letters and codes open doors; nothing of what was sent. Of everything else only warnings.
  log = LogWriter.new(ENV["USHER_LOG"] || $stdout)
  config.logger = ActiveSupport::Logger.new(log)
  config.log_level = ENV.fetch("RAILS_LOG_LEVEL", "info")
  quiet = ActiveSupport::Logger.new(log, level: Logger::WARN)
  config.active_job.logger = config.action_cable.logger = config.action_mailer.logger = config.active_storage.logger = config.active_record.logger = config.solid_queue.logger = quiet
  config.lograge.enabled = true
  config.lograge.formatter = ->(line) { { time: Time.now.utc.iso8601(3), **line.except(:path, :location, :format) }.to_json }

  config.middleware.use Doors::Metrics::Collector
  config.middleware.insert_before 0, Doors::Metrics, ENV["USHER_METRICS"]
  config.i18n.fallbacks = true
  config.active_support.report_deprecations = false
  config.active_record.dump_schema_after_migration = false
end
