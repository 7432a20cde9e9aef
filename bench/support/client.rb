require "net/http"
require "securerandom"
require "json"

module Bench
  # Somebody signed in to a bench's server, without a browser around.
  class Client
    def initialize(url)
      @http = Net::HTTP.new(URI(url).host, URI(url).port).tap { |http| http.read_timeout = 300 }
      @http.start
      @cookies = {}
      sign_in
    end

    # What its browser says it is.
    def cookie = @cookies.map { |name, value| "#{name}=#{value}" }.join("; ")

    def get(path, headers = {}) = keep(@http.get(path, { "Cookie" => cookie, **headers }))

    # A file as a form sends it; answers with [status, parsed JSON].
    def upload(path, name, bytes)
      edge = "usher#{SecureRandom.hex(8)}"
      body = "--#{edge}\r\nContent-Disposition: form-data; name=\"file\"; filename=\"#{name}\"\r\nContent-Type: application/octet-stream\r\n\r\n".b + bytes.b + "\r\n--#{edge}--\r\n".b
      answer = keep(@http.post(path, body, { "Cookie" => cookie, "Accept" => "application/json", "X-CSRF-Token" => @token, "Content-Type" => "multipart/form-data; boundary=#{edge}" }))
      [ answer.code.to_i, (JSON.parse(answer.body) rescue {}) ]
    end

    # Operations on a page; answers with the status.
    def operate(page, operations)
      body = JSON.generate(operations: operations.map { |id, operation| { id: id, operation: operation } })
      keep(@http.post("/pages/#{page}/operations", body, { "Cookie" => cookie, "Accept" => "application/json", "X-CSRF-Token" => @token, "Content-Type" => "application/json" })).code.to_i
    end

    # A form, sent as a script does; answers with [status, parsed JSON].
    def post(path, form = {})
      answer = keep(@http.post(path, URI.encode_www_form(form), { "Cookie" => cookie, "Accept" => "application/json", "X-CSRF-Token" => @token }))
      [ answer.code.to_i, (JSON.parse(answer.body) rescue {}) ]
    end

    # Tries until it is answered: a server that was killed comes back.
    def persistently
      yield
    rescue IOError, SystemCallError, Net::HTTPBadResponse, Net::ReadTimeout
      sleep 0.3
      @http.finish if @http.started?
      begin
        @http.start
      rescue SystemCallError
        sleep 0.3
        retry
      end
      retry
    end

    private

    def sign_in
      token_in(get("/session/new").body)
      keep(@http.post("/session", URI.encode_www_form(email: "keeper@gullpoint.example", password: "low tide at noon", authenticity_token: @token), { "Cookie" => cookie }))
      token_in(get("/").body)
    end

    def token_in(page) = @token = page[/name="csrf-token" content="([^"]+)"/, 1]

    def keep(answer)
      answer.get_fields("Set-Cookie")&.each { |line| @cookies.store(*line.split(";").first.split("=", 2)) }
      answer
    end
  end
end
