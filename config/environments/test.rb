Rails.application.configure do
  # Assets as they are now; bin/test, which has just prepared them, says that they can be taken ready.
  config.assets.manifest_path = Rails.root.join("tmp/no-manifest.json") unless ENV["USHER_READY_ASSETS"]
  config.enable_reloading = false
  config.eager_load = ENV["CI"].present?
  config.consider_all_requests_local = true
  config.action_dispatch.show_exceptions = :rescuable
  config.action_controller.allow_forgery_protection = false
  config.action_controller.raise_on_missing_callback_actions = true
  config.active_storage.service = :test
  config.active_job.queue_adapter = :test
  config.active_support.deprecation = :raise
  config.action_cable.disable_request_forgery_protection = true
end
