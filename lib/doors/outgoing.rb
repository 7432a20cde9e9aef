require "socket"
require "timeout"

module Doors
  # Large answers are written by threads of their own. Who takes one slowly, or stops taking it (a phone on a bad network, a
  # player that has loaded enough), keeps none of the few threads waiting that answer hands.
  #
  # An application may leave its body in env[BODY], as something with `bytesize` and an `each` that needs nothing of the
  # request any more; files and strings are seen to by themselves.
  class Outgoing
    BODY = "usher.outgoing"
    ROOM = 128 * 1024 # bytes that the system keeps for a connection: as many are written without waiting for anybody
    PATIENCE = 30 # seconds in which nothing is taken, then the connection ends; players ask for the rest when they want it
    MOST, EACH = 256, 64 # large answers on their way at once: of everybody, of one address
    BUSY = "Usher has much to send just now. Try that again in a minute."

    def initialize(app)
      @app = app
      @there, @lock = {}, Mutex.new
    end

    def call(env)
      status, headers, body = @app.call(env)
      return [ status, headers, body ] if env["REQUEST_METHOD"] == "HEAD" || !env["rack.hijack?"] || env["rack.hijack_io"]
      widen(env["puma.socket"])
      body = content(env, headers, body)
      body.is_a?(Array) ? [ status, headers, body ] : hand_over(env, status, headers, body)
    end

    private

    # An array of strings where there is room for them, otherwise what can be written when the request is over. All else
    # that was open for the request is closed.
    def content(env, headers, body)
      given = env.delete(BODY) unless headers["content-encoding"]
      given ||= Spool.open(body.to_path) if body.respond_to?(:to_path)
      return whole(body) unless given
      given.bytesize > ROOM ? given : given.enum_for(:each).to_a.tap { close(given) }
    ensure
      close(body)
    end

    def whole(body)
      pieces, size, spool = [], 0, nil
      body.each do |piece|
        spool ? spool << piece : pieces << piece
        spool ||= Spool.of(pieces) if (size += piece.bytesize) > ROOM
      end
      spool || pieces
    end

    def widen(socket)
      socket&.to_io&.setsockopt(Socket::SOL_SOCKET, Socket::SO_SNDBUF, ROOM * 2)
    rescue SystemCallError, IOError
      nil # gone meanwhile
    end

    def hand_over(env, status, headers, body)
      address = (env["action_dispatch.remote_ip"] || env["REMOTE_ADDR"]).to_s
      return refusal(body) if full?(address)
      writing = ->(socket) { Thread.new { write(socket, body, address) } }
      [ status, headers.merge("content-length" => body.bytesize.to_s, "connection" => "close", "rack.hijack" => writing), [] ]
    end

    def write(socket, body, address)
      count(address, 1)
      body.each { |piece| Timeout.timeout(PATIENCE) { socket.write(piece) } }
    rescue StandardError
      nil # who asked for it has gone or takes nothing, or the file went meanwhile: the length that was said tells her
    ensure
      count(address, -1)
      close(body)
      close(socket)
    end

    def close(it)
      it.close if it.respond_to?(:close)
    rescue SystemCallError, IOError
      nil # was closed from the other end
    end

    def refusal(body)
      close(body)
      [ 429, { "content-type" => "text/plain; charset=utf-8", "content-length" => BUSY.bytesize.to_s, "retry-after" => "5" }, [ BUSY ] ]
    end

    def full?(address) = @lock.synchronize { @there.fetch(address, 0) >= EACH || @there.values.sum >= MOST }

    def count(address, step)
      @lock.synchronize { @there.delete(address) if (@there[address] = @there.fetch(address, 0) + step).zero? }
    end
  end
end
