require "prometheus/client"
require "prometheus/middleware/collector"
require "prometheus/middleware/exporter"

# Counts and times of requests for Prometheus at /metrics: for this machine only, unless USHER_METRICS names addresses
# that may read them too. Whatever came through a proxy is from elsewhere.
class Doors::Metrics
  PATH = "/metrics".freeze

  # Requests by what they were for and how they ended, without ids, tokens or codes.
  class Collector < Prometheus::Middleware::Collector
    private

    def generate_path(env)
      name = env["action_dispatch.request.path_parameters"]&.values_at(:controller, :action)&.compact&.join("#")
      name.to_s.empty? ? "other" : name
    end
  end

  def initialize(app, readers = "")
    @app = app
    @readers = [ "127.0.0.1", "::1", *readers.to_s.split(",").map(&:strip) ]
    @exporter = Prometheus::Middleware::Exporter.new(app, path: PATH)
  end

  def call(env)
    return @app.call(env) unless env["PATH_INFO"] == PATH
    near?(env) ? @exporter.call(env) : [ 404, { "Content-Type" => "text/plain" }, [ "" ] ]
  end

  private

  def near?(env) = env["HTTP_X_FORWARDED_FOR"].nil? && env["HTTP_FORWARDED"].nil? && @readers.include?(env["REMOTE_ADDR"])
end
