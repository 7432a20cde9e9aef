module Bench
  # For scripts that run inside the app: pass(:seat, token) is the cookie by which a browser is known.
  PASS = <<~RUBY.freeze
    def pass(name, value)
      jar = ActionDispatch::Request.new(Rails.application.env_config.deep_dup).cookie_jar
      jar.signed[name] = value
      name.to_s + "=" + CGI.escape(jar[name])
    end
  RUBY
end
