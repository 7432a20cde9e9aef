require "net/http"
require "securerandom"
require "json"
require "cgi"
require "websocket"

module Bench
  # A student's device without a browser around: it came in to a lesson and makes moves in activities.
  class Device
    Away = Class.new(StandardError) # no server there, or not now

    # name: of the seat it comes in to.
    def initialize(url, code, name)
      @uri, @cookies = URI(url), {}
      come_in(code, name)
    end

    # Answers once the move is kept; raises Away where it must be sent again.
    def move(attempt, id, move)
      answer = request(Net::HTTP::Post, "/attempts/#{attempt}/moves", { id: id, move: move }.to_json, "Content-Type" => "application/json", "Accept" => "text/html", "X-CSRF-Token" => @token)
      raise Away, answer.code if answer.code.to_i >= 500
      raise "refused: #{answer.code} #{answer.body[0, 200]}" unless answer.code == "200"
    end

    # Follows the lesson by a socket and says as much as it takes, some ten thousand messages a second, for so long or until
    # it is closed. Answers with how many it sent.
    def flood(seconds)
      socket = TCPSocket.new(@uri.host, @uri.port)
      shake = WebSocket::Handshake::Client.new(url: "ws://#{@uri.host}:#{@uri.port}/cable", headers: { "Cookie" => @cookies.map { |name, value| "#{name}=#{value}" }.join("; "), "Origin" => "http://#{@uri.host}:#{@uri.port}" })
      socket.write(shake.to_s)
      channel = { channel: "DeviceChannel" }.to_json
      say = ->(message) { WebSocket::Frame::Outgoing::Client.new(version: 13, data: message.to_json, type: :text).to_s }
      socket.write(say[{ command: "subscribe", identifier: channel }])
      sleep 0.5
      bundle = say[{ command: "message", identifier: channel, data: { action: "seen", count: 1 }.to_json }] * 100
      ending, sent = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds, 0
      while Process.clock_gettime(Process::CLOCK_MONOTONIC) < ending
        socket.write(bundle)
        sent += 100
        sleep 0.01
      end
      sent
    rescue SystemCallError, IOError
      sent
    ensure
      socket&.close
    end

    private

    def come_in(code, name)
      @token = token(request(Net::HTTP::Get, "/join/#{code}"))
      request(Net::HTTP::Post, "/seat", URI.encode_www_form(code: code, name: name, authenticity_token: @token), "Content-Type" => "application/x-www-form-urlencoded")
      @token = token(request(Net::HTTP::Get, "/seat"))
    end

    def token(answer) = CGI.unescapeHTML(answer.body[/name="csrf-token" content="([^"]+)"/, 1].to_s)

    def request(verb, path, body = nil, headers = {})
      @http ||= Net::HTTP.start(@uri.host, @uri.port, read_timeout: 30)
      asked = verb.new(path, { "Cookie" => @cookies.map { |name, value| "#{name}=#{value}" }.join("; "), **headers })
      asked.body = body
      answer = @http.request(asked)
      answer.get_fields("Set-Cookie")&.each { |line| @cookies.store(*line.split(";").first.split("=", 2)) }
      answer
    rescue SystemCallError, IOError, Net::OpenTimeout, Net::ReadTimeout
      @http = nil
      raise Away
    end
  end
end
