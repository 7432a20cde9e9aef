require "openid_connect"

# Signing in by the school's own accounts: OpenID Connect, authorization code flow with PKCE. Offered where these say
# which provider, and who Usher is to it:
#
#   USHER_OIDC_ISSUER=https://accounts.gullpoint.example  USHER_OIDC_CLIENT=usher  USHER_OIDC_SECRET=...
class SchoolLogin
  # who: "issuer subject", the same for ever; address: one the provider has verified.
  Person = Struct.new(:who, :address, :name, keyword_init: true)

  SCOPES = %i[openid email profile].freeze
  SIGNED_BY = %w[RS256 RS384 RS512 PS256 PS384 PS512 ES256 ES384 ES512].freeze # by a key that only the provider has
  PATIENCE = 8 # seconds
  AWAY = "Your school’s accounts cannot be reached just now. Sign in with your password, or try again.".freeze
  WRONG = "Your school’s accounts did not let you in. Try again, or sign in with your password.".freeze
  FAULTS = [ Faraday::Error, SWD::Exception, OpenIDConnect::Exception, Rack::OAuth2::Client::Error, JSON::JWT::Exception, OpenSSL::OpenSSLError, SystemCallError, Timeout::Error ].freeze

  OpenIDConnect.http_config { |http| http.options.timeout = http.options.open_timeout = PATIENCE }

  def self.current = new(*%w[ISSUER CLIENT SECRET].map { |name| ENV.fetch("USHER_OIDC_#{name}") })

  def initialize(issuer, client, secret)
    @issuer, @client, @secret = issuer.chomp("/"), client, secret
  end

  # The provider's address to send a browser to, and what that browser must bring back unseen.
  # back: where the provider sends it afterwards. Raises Usher::Invalid.
  def start(back:)
    kept = { "state" => SecureRandom.urlsafe_base64(24), "nonce" => SecureRandom.urlsafe_base64(24), "verifier" => SecureRandom.urlsafe_base64(48) }
    challenge = Base64.urlsafe_encode64(Digest::SHA256.digest(kept["verifier"]), padding: false)
    [ provider(back).authorization_uri(scope: SCOPES, state: kept["state"], nonce: kept["nonce"], code_challenge: challenge, code_challenge_method: :S256), kept ]
  rescue *FAULTS
    raise Usher::Invalid, AWAY
  end

  # Who came back. given: { code:, state: } as the provider sent them along; kept: what `start` gave. Raises Usher::Invalid.
  def finish(given, kept, back:)
    raise Usher::Invalid, WRONG unless kept.is_a?(Hash) && given[:code].present? && ActiveSupport::SecurityUtils.secure_compare(given[:state].to_s, kept["state"].to_s)
    asking = provider(back)
    asking.authorization_code = given[:code].to_s
    person(read(asking.access_token!(code_verifier: kept["verifier"]).id_token, kept["nonce"]))
  rescue *FAULTS => error
    Rails.logger.warn("School login: #{error.class}")
    raise Usher::Invalid, error.is_a?(Faraday::Error) ? AWAY : WRONG
  end

  private

  def settings
    @settings ||= begin
      SWD.url_builder = URI.parse(@issuer).instance_of?(URI::HTTP) ? URI::HTTP : URI::HTTPS
      OpenIDConnect::Discovery::Provider::Config.discover!(@issuer)
    end
  end

  def provider(back)
    OpenIDConnect::Client.new(identifier: @client, secret: @secret, redirect_uri: back, authorization_endpoint: settings.authorization_endpoint, token_endpoint: settings.token_endpoint)
  end

  # What a signed token says. Raises one of FAULTS where it is not the provider's, not for us, not of this time or not ours.
  def read(token, nonce)
    header = JSON::JWT.decode(token.to_s, :skip_verification).header
    raise JSON::JWT::UnexpectedAlgorithm, header[:alg].to_s unless SIGNED_BY.include?(header[:alg].to_s)
    OpenIDConnect::ResponseObject::IdToken.decode(token, key(header[:kid])).tap { |said| said.verify!(issuer: @issuer, client_id: @client, nonce: nonce) }.raw_attributes
  end

  # A provider with a single key need not name it.
  def key(name) = settings.jwks.then { |all| name.nil? && all.one? ? all.first : all }

  def person(said)
    raise Usher::Invalid, "Your school has not confirmed your address yet, so Usher cannot know you by it." unless said["email_verified"] == true && said["email"].to_s.match?(Teacher::ADDRESS)
    Person.new(who: "#{@issuer} #{said['sub']}", address: said["email"].strip.downcase, name: PlainName.of(said["name"].presence || said["email"][/\A[^@]+/]).first(80))
  end
end
