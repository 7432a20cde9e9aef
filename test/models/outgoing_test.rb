require "test_helper"

# Large answers, and who takes them slowly.
class OutgoingTest < ActiveSupport::TestCase
  # A body that says whether it was closed.
  Body = Struct.new(:pieces, :closed) do
    def each(&) = pieces.each(&)
    def close = self.closed = true
  end

  Given = Struct.new(:bytes) do
    def bytesize = bytes.bytesize
    def each = yield(bytes)
  end

  LARGE = ("tide" * 100_000).freeze

  setup { @ends = [] }
  teardown { @ends.each(&:close) }

  test "what is small is written by the thread that answers, and closed" do
    body = Body.new([ "low", "tide" ])
    status, headers, said = ask(body, { "content-type" => "text/plain" })
    assert_equal [ 200, { "content-type" => "text/plain" }, %w[low tide] ], [ status, headers, said ]
    assert body.closed
  end

  test "what is large is written by another, whole, and the connection ends behind it" do
    { "strings" => Body.new([ LARGE, "end" ]), "a file" => file("#{LARGE}end") }.each do |kind, body|
      status, headers, = ask(body)
      assert_equal [ 200, "400003", "close" ], [ status, *headers.values_at("content-length", "connection") ], kind
      assert_equal "#{LARGE}end", taken(headers), kind
    end
  end

  test "all that was open for the request is closed before somebody begins to take the answer" do
    body = Body.new([ LARGE ])
    ask(body)
    assert body.closed
  end

  test "a body left for it is sent in place of the request's, but not where that one was packed" do
    given = Given.new("#{LARGE}given")
    _, headers, = ask(Body.new([ "request's" ]), given: given)
    assert_equal given.bytes, taken(headers)
    _, headers, said = ask(Body.new([ "packed" ]), { "content-encoding" => "gzip" }, given: given)
    assert_equal [ [ "packed" ], nil ], [ said, headers["rack.hijack"] ]
    assert_equal [ "short" ], ask(Body.new([ "request's" ]), given: Given.new("short")).last
  end

  test "who takes nothing is hung up on, and counts no more" do
    with_constants(PATIENCE: 0.2, EACH: 1) do
      _, headers, = ask(Body.new([ LARGE * 20 ]))
      near, far = pair
      headers["rack.hijack"].call(near).join(5)
      assert_predicate near, :closed?
      assert_operator far.read.bytesize, :<, LARGE.bytesize * 20
      assert_equal 200, ask(Body.new([ LARGE ])).first
    end
  end

  test "a file that goes while it is sent ends the connection, and counts no more" do
    gone = Given.new(LARGE)
    def gone.each = raise(ActiveStorage::FileNotFoundError)
    with_constants(EACH: 1) do
      _, headers, = ask(Body.new([]), given: gone)
      assert_empty taken(headers)
      assert_equal 200, ask(Body.new([ LARGE ])).first
    end
  end

  test "of one address, and of all, only so many are on their way" do
    with_constants(EACH: 2, MOST: 3) do
      going = %w[10.0.0.1 10.0.0.1 10.0.0.2].map { |address| begin_taking(address) }
      assert_equal [ 429, "5", ::Doors::Outgoing::BUSY ], ask(Body.new([ LARGE ]), address: "10.0.0.1").then { |status, headers, said| [ status, headers["retry-after"], said.join ] }
      assert_equal 429, ask(Body.new([ LARGE ]), address: "10.0.0.3").first
      assert_equal 200, ask(Body.new([ "small" ]), address: "10.0.0.1").first
      going.first.tap { |thread, far| far.read && thread.join(5) }
      assert_equal 200, ask(Body.new([ LARGE ]), address: "10.0.0.1").first
    end
  end

  test "sockets of live feeds, questions for the head alone and servers that hand over nothing are left as they are" do
    body = Body.new([ LARGE ])
    [ { "rack.hijack_io" => true }, { "REQUEST_METHOD" => "HEAD" }, { "rack.hijack?" => nil } ].each do |special|
      assert_same body, door(body).call(env.merge(special)).last, special
    end
  end

  private

  def env(address = "10.0.0.1") = { "REQUEST_METHOD" => "GET", "rack.hijack?" => true, "REMOTE_ADDR" => address }

  def door(body, headers = {}, given = nil)
    @answer = lambda do |env|
      env[::Doors::Outgoing::BODY] = given if given
      [ 200, headers, body ]
    end
    @door ||= ::Doors::Outgoing.new(->(env) { @answer.call(env) })
  end

  def ask(body, headers = {}, given: nil, address: "10.0.0.1") = door(body, headers, given).call(env(address))

  # Both ends of a connection with little room.
  def pair
    UNIXSocket.pair.each { |socket| @ends << socket && socket.setsockopt(:SOCKET, :SNDBUF, 4_096) }
  end

  def taken(headers)
    near, far = pair
    writing = headers["rack.hijack"].call(near)
    far.read.tap { writing.join(5) }
  end

  # Somebody who has not taken anything yet: [the thread that writes, her end].
  def begin_taking(address)
    _, headers, = ask(Body.new([ LARGE * 5 ]), address: address)
    near, far = pair
    thread = headers["rack.hijack"].call(near)
    far.readpartial(1)
    [ thread, far ]
  end

  def file(bytes)
    path = Rails.root.join("tmp/outgoing-#{Process.pid}").to_s
    File.binwrite(path, bytes)
    Body.new([]).tap { |body| body.define_singleton_method(:to_path) { path } }
  end

  def with_constants(**values)
    before = values.to_h { |name, _| [ name, ::Doors::Outgoing.const_get(name) ] }
    put = ->(all) { all.each { |name, value| ::Doors::Outgoing.send(:remove_const, name) && ::Doors::Outgoing.const_set(name, value) } }
    put[values]
    yield
  ensure
    put[before]
  end
end
