Rails.application.configure do
  # Assets as they are now, whatever bin/usher prepared for production.
  config.assets.manifest_path = Rails.root.join("tmp/no-manifest.json")
  config.enable_reloading = true
  config.eager_load = false
  config.consider_all_requests_local = true
  config.server_timing = true
  config.active_storage.service = :local
  config.active_record.migration_error = :page_load
  config.active_record.verbose_query_logs = true
  config.active_support.deprecation = :log
  config.public_file_server.headers = { "Cache-Control" => "no-cache" }
  config.action_cable.allow_same_origin_as_host = true
end
