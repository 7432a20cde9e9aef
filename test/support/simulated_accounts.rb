require "openid_connect"
require "puma"
require "puma/server"

# A school's accounts, simulated: an OpenID Connect provider of one key and whoever `person` says, who is always signed in there.
# It speaks as a real one does, over HTTP, and checks what it is sent.
class SimulatedAccounts
  CLIENT, SECRET = "usher", "seagull-secret"

  attr_accessor :person, :kid, :twist # kid: the name of its key; twist: changes what its token says, or how it is signed
  attr_reader :issuer

  def self.open
    accounts = new
    yield accounts
  ensure
    accounts.close
  end

  def initialize
    @key = OpenSSL::PKey::RSA.new(2048)
    @codes = {}
    @server = Puma::Server.new(->(env) { answer(Rack::Request.new(env)) }, nil, min_threads: 0, max_threads: 2, log_writer: Puma::LogWriter.null)
    @issuer = "http://127.0.0.1:#{@server.add_tcp_listener("127.0.0.1", 0).addr[1]}"
    @server.run
  end

  def close = @server.stop(true)

  # Where it sends a browser on to, that came with this address.
  def authorize(address)
    asked = Rack::Utils.parse_query(URI(address).query)
    raise "asked wrongly: #{asked}" unless asked.values_at("client_id", "response_type", "code_challenge_method") == [ CLIENT, "code", "S256" ] && asked["scope"].split.include?("openid")
    code = SecureRandom.hex
    @codes[code] = asked
    "#{asked['redirect_uri']}?#{{ code: code, state: asked['state'] }.to_query}"
  end

  private

  def answer(request)
    case request.path
    when "/.well-known/openid-configuration" then json(configuration)
    when "/jwks" then json({ keys: [ JSON::JWK.new(@key.public_key, **{ kid: kid }.compact).as_json.except(*(%w[kid] unless kid)) ] })
    when "/token" then token(request)
    else [ 404, {}, [] ]
    end
  end

  def configuration
    { issuer: issuer, authorization_endpoint: "#{issuer}/authorize", token_endpoint: "#{issuer}/token", jwks_uri: "#{issuer}/jwks", response_types_supported: [ "code" ], subject_types_supported: [ "public" ], id_token_signing_alg_values_supported: [ "RS256" ] }
  end

  def token(request)
    asked = @codes.delete(request.POST["code"])
    known = [ CLIENT, SECRET ] == Base64.decode64(request.get_header("HTTP_AUTHORIZATION").to_s.split.last.to_s).split(":")
    proven = asked && Base64.urlsafe_encode64(Digest::SHA256.digest(request.POST["code_verifier"].to_s), padding: false) == asked["code_challenge"]
    return json({ error: "invalid_grant" }, status: 400) unless known && proven && asked["redirect_uri"] == request.POST["redirect_uri"]
    json({ access_token: "none", token_type: "Bearer", id_token: signed(asked["nonce"]) })
  end

  def signed(nonce)
    said = { iss: issuer, aud: CLIENT, sub: "4711", nonce: nonce, iat: Time.now.to_i, exp: Time.now.to_i + 300, email_verified: true, **person }
    twist ? twist.call(said, @key) : JSON::JWT.new(said).sign(@key, :RS256).to_s
  end

  def json(values, status: 200) = [ status, { "content-type" => "application/json" }, [ values.to_json ] ]
end
