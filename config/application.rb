require_relative "boot"

require "rails"
require "active_model/railtie"
require "active_job/railtie"
require "active_record/railtie"
require "active_storage/engine"
require "action_controller/railtie"
require "action_mailer/railtie"
require "action_view/railtie"
require "action_cable/engine"
require "rails/test_unit/railtie"

Bundler.require(*Rails.groups)
require "usher"
require_relative "../lib/doors"
require_relative "../lib/mail_settings"

module UsherApp
  class Application < Rails::Application
    config.load_defaults 7.2
    config.time_zone = ENV.fetch("USHER_TIME_ZONE", "UTC")

    # Before anything else reads a request.
    proxies = Doors::Proxies.read(ENV["USHER_PROXIES"])
    config.middleware.insert_before 0, Doors::BodyLimits
    config.middleware.insert_before 0, Doors::Proxies, proxies
    config.middleware.insert_before 0, Doors::Outgoing # after everything else has been said
    config.middleware.swap Rack::ETag, Doors::Digests, "no-cache"
    config.action_dispatch.trusted_proxies = proxies if proxies.any?

    # Text is compressed; pictures, voice and PDF are packed already and media must keep its byte ranges.
    config.middleware.insert_before ActionDispatch::Static, Rack::Deflater,
      include: %w[text/html text/css text/javascript application/javascript application/json image/svg+xml], sync: false

    # Assets carry a digest in their name.
    config.public_file_server.headers = { "Cache-Control" => "public, max-age=31536000, immutable" }
    config.assets.paths << Rails.root.join("vendor/npm")
    config.assets.excluded_paths << Rails.root.join("app/assets/tailwind")

    config.active_storage.draw_routes = false # media is served by its own controllers, which know who may see it
    config.active_storage.analyzers = []

    # Jobs run in threads of the web process; broadcasts from them reach every browser.
    config.active_job.queue_adapter = :solid_queue
    config.solid_queue.connects_to = { database: { writing: :queue } }

    config.action_mailer.delivery_method, settings = MailSettings.delivery(ENV["USHER_SMTP"])
    config.action_mailer.smtp_settings = settings if settings.any?
    config.action_mailer.default_url_options = MailSettings.links(ENV["USHER_URL"], ENV.fetch("PORT", 3000))
    config.action_mailer.deliver_later_queue_name = "default"

    config.cache_store = ENV["REDIS_URL"] ? [ :redis_cache_store, { url: ENV["REDIS_URL"] } ] : :memory_store

    Rails.autoloaders.main.do_not_eager_load(root.join("app/models/school_login.rb")) # what few schools have need not be loaded

    config.action_dispatch.rescue_responses["Usher::Invalid"] = :unprocessable_entity
    config.exceptions_app = Doors::ErrorPages.new(routes)
  end
end
