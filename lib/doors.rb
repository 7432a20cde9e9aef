# What stands before the application: who is believed, how much is taken in, and who waits for what goes out.
module Doors
  autoload :BodyLimits, File.expand_path("doors/body_limits", __dir__)
  autoload :Digests, File.expand_path("doors/digests", __dir__)
  autoload :Outgoing, File.expand_path("doors/outgoing", __dir__)
  autoload :Metrics, File.expand_path("doors/metrics", __dir__)
  autoload :ErrorPages, File.expand_path("doors/error_pages", __dir__)
  autoload :Spool, File.expand_path("doors/spool", __dir__)
  autoload :Proxies, File.expand_path("doors/proxies", __dir__)
end
