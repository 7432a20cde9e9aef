module Doors
  # How large the body of a request may be, by its path: refused before anything is read or parsed, because what is parsed
  # takes many times its size in memory. The server itself (config/puma.rb) takes in no more than the largest of these.
  class BodyLimits
    USUAL = 768 * 1024
    UPLOADS = { picture: 21, file: 501 }.transform_values { |megabytes| megabytes * 1024 * 1024 }.freeze
    LIMITS = {
      %r{\A/media(\.\w+)?/?\z} => UPLOADS[:file],
      %r{\A/pictures(\.\w+)?/?\z} => UPLOADS[:picture],
      %r{\A/media/[^/]+/still(\.\w+)?/?\z} => UPLOADS[:picture],
      %r{\A/takes/[^/]+/voice_pieces(\.\w+)?/?\z} => 1_100 * 1024,
      %r{\A/pages/[^/]+/operations(\.\w+)?/?\z} => 8_200 * 1024
    }.freeze
    MOST = LIMITS.values.max
    REFUSAL = "That is more than Usher takes at once."

    def initialize(app)
      @app = app
    end

    def call(env)
      return @app.call(env) if env["CONTENT_LENGTH"].to_i <= limit(env["PATH_INFO"].to_s)
      type, said = env["HTTP_ACCEPT"].to_s.include?("json") ? [ "application/json", JSON.generate(error: REFUSAL) ] : [ "text/plain", REFUSAL ]
      [ 413, { "content-type" => "#{type}; charset=utf-8", "content-length" => said.bytesize.to_s, "connection" => "close" }, [ said ] ]
    end

    private

    def limit(path) = LIMITS.find { |pattern, _| pattern.match?(path) }&.last || USUAL
  end
end
