module Doors
  # The page for a refusal, asked for anew: what was wrong with a request (its parameters, its type) must not break the
  # page that says so.
  class ErrorPages
    KEPT = %w[REQUEST_METHOD PATH_INFO SCRIPT_NAME SERVER_NAME SERVER_PORT SERVER_PROTOCOL REMOTE_ADDR HTTP_HOST HTTP_HX_REQUEST HTTP_COOKIE rack.url_scheme rack.errors
                action_dispatch.exception action_dispatch.original_path].freeze

    # app: answers for the path "/404" and the like.
    def initialize(app)
      @app = app
    end

    def call(env)
      @app.call(Rails.application.env_config.merge(env.slice(*KEPT), "REQUEST_METHOD" => "GET", "QUERY_STRING" => "", "rack.input" => StringIO.new, "HTTP_ACCEPT" => json?(env) ? "application/json" : "text/html"))
    end

    private

    def json?(env) = [ env["HTTP_ACCEPT"], env["CONTENT_TYPE"], env["action_dispatch.original_path"] ].any? { |said| said.to_s.match?(/json\b/) }
  end
end
