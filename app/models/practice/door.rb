require "net/http"

# Where a practice class comes in: this server, asked as browsers ask it.
class Practice::Door
  # port: of the server, on this machine; host, scheme: as the teacher's browser asked for it.
  def initialize(port:, host:, scheme:, secure: false)
    @port, @host, @scheme, @secure = port, host, scheme, secure
  end

  def origin = "#{@scheme}://#{@host}"

  # Answers with the response. jar: { cookie => value }, which is kept up to date.
  def ask(verb, path, jar, form: nil, json: nil, token: nil)
    request = Net::HTTP.const_get(verb.capitalize).new(path, headers(jar).merge({ "X-CSRF-Token" => token, "HX-Request" => ("true" if form) }.compact))
    request.set_form_data(form) if form
    request.body, request["Content-Type"] = json, "application/vnd.usher.operations+json" if json
    Net::HTTP.start("127.0.0.1", @port, use_ssl: @secure, verify_mode: OpenSSL::SSL::VERIFY_NONE, open_timeout: 5, read_timeout: 20) { |http| http.request(request) }.tap do |response|
      response.get_fields("set-cookie").to_a.each { |line| line[/\A([^=]+)=([^;]*)/].then { jar[Regexp.last_match(1)] = Regexp.last_match(2) } }
    end
  end

  # An open socket that a websocket can be spoken over.
  def socket
    plain = Socket.tcp("127.0.0.1", @port, connect_timeout: 5)
    return plain unless @secure
    OpenSSL::SSL::SSLSocket.new(plain).tap { |socket| socket.sync_close = true }.tap(&:connect)
  end

  def headers(jar) = { "Host" => @host, "Origin" => origin, "X-Forwarded-Proto" => @scheme, "Cookie" => jar.map { |name, value| "#{name}=#{value}" }.join("; "), "Accept" => "application/json, text/html" }
end
