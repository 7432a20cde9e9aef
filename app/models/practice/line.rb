require "websocket/driver"

# A websocket of one simulated student to the class's feed.
class Practice::Line
  CHANNEL = { channel: "DeviceChannel" }.to_json

  attr_reader :url

  def initialize(door, jar)
    @door, @url = door, "#{door.origin.sub('http', 'ws')}/cable"
    @socket = door.socket
    @driver = WebSocket::Driver.client(self, protocols: [ "actioncable-v1-json" ])
    door.headers(jar).slice("Origin", "Cookie", "X-Forwarded-Proto").each { |name, value| @driver.set_header(name, value) }
    @driver.on(:message) { |event| hear(event.data) }
    @driver.on(:close) { @closed = true }
    @driver.start
  end

  def write(bytes) = @socket.write(bytes)
  def closed? = @closed

  # Takes what has come within so many seconds. Yields each message of the feed.
  def listen(seconds, &heard)
    @heard = heard
    deadline = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    while !@closed && (left = deadline - Process.clock_gettime(Process::CLOCK_MONOTONIC)).positive?
      next unless @socket.wait_readable(left)
      @driver.parse(@socket.read_nonblock(65_536))
    end
  rescue IO::WaitReadable
    retry
  rescue IOError, SystemCallError
    @closed = true
  end

  def perform(action, data = {}) = @driver.text({ command: "message", identifier: CHANNEL, data: data.merge(action: action).to_json }.to_json)

  def close
    @driver.close
    @socket.close
  rescue IOError, SystemCallError
    nil
  end

  private

  def hear(text)
    message = JSON.parse(text)
    @driver.text({ command: "subscribe", identifier: CHANNEL }.to_json) if message["type"] == "welcome"
    @closed = true if message["type"] == "disconnect"
    body = message["message"]
    @heard&.call(body) if body.is_a?(Hash)
  end
end
