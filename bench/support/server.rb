require "fileutils"
require "json"
require "open3"
require "shellwords"
require "socket"
require "tmpdir"

module Bench
  ROOT = File.expand_path("../..", __dir__)

  module_function

  # Prints a bench's result: one line of JSON, the last it prints.
  def report(name, **figures) = puts(JSON.generate({ name: name, **figures }))

  # How bin/usher has Ruby run, as environment.
  def ruby_settings = File.readlines(File.join(ROOT, "config/ruby.env"), chomp: true).grep(/\A[A-Z]/).to_h { |line| line.shellsplit.first.split("=", 2) }

  # The value below which the given share (0 to 1) of the numbers lies.
  def percentile(numbers, share) = numbers.sort[((numbers.size - 1) * share).round]

  def median(numbers) = percentile(numbers, 0.5)

  def milliseconds
    started = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    (Process.clock_gettime(Process::CLOCK_MONOTONIC) - started) * 1000
  end

  # A real Usher: production, one process, with data of its own that is gone afterwards.
  class Server
    attr_reader :port, :pid, :data

    # environment: what is set besides.
    def self.run(environment = {})
      server = new(environment)
      server.start
      yield server
    ensure
      server&.stop
    end

    def initialize(environment = {})
      @data = Dir.mktmpdir("usher-bench")
      @port = Addrinfo.tcp("127.0.0.1", 0).bind { |socket| socket.local_address.ip_port }
      @env = { "USHER_DATA" => @data, "RAILS_ENV" => "production", "PORT" => @port.to_s, "USHER_BIND" => "127.0.0.1", "USHER_LOG" => File.join(@data, "log"), **Bench.ruby_settings, **environment }
    end

    # A second process on the same data, at a port of its own; answers with its number and that port.
    def beside
      port = Addrinfo.tcp("127.0.0.1", 0).bind { |socket| socket.local_address.ip_port }
      [ begin_at(port, "PORT" => port.to_s).tap { |pid| @beside = pid }, port ]
    end

    def url = "http://127.0.0.1:#{port}"

    def start
      system(File.join(ROOT, "script/assets"), exception: true, chdir: ROOT)
      system(@env, "bundle", "exec", "rails", "db:prepare", exception: true, chdir: ROOT, out: File::NULL)
      serve
    end

    # Killed as by a power cut, and started again on the same data. A block runs in between.
    def restart
      Process.kill(:KILL, @pid)
      Process.wait(@pid)
      yield if block_given?
      serve
    end

    # Runs Ruby inside the app, on the same data; answers with what it printed as JSON.
    def ruby(code)
      out, status = Open3.capture2(@env, "bundle", "exec", "rails", "runner", "-", stdin_data: code, chdir: ROOT)
      raise "the preparing script failed" unless status.success?
      JSON.parse(out.lines.last)
    end

    def serve = @pid = begin_at(port)

    def begin_at(port, more = {})
      pid = spawn({ **@env, **more }, "bundle", "exec", "puma", "-C", "config/puma.rb", chdir: ROOT, out: File::NULL, err: File::NULL)
      600.times { TCPSocket.new("127.0.0.1", port).close && break rescue sleep(0.1) }
      pid
    end

    def stop
      Process.kill(:KILL, @beside) if @beside
    rescue Errno::ESRCH
      nil # killed by the bench
    ensure
      end_first
    end

    def end_first
      if @pid
        Process.kill(:TERM, @pid)
        Process.wait(@pid)
      end
      warn File.read(@env["USHER_LOG"]).lines.last(20).join if ENV["BENCH_LOG"] && File.exist?(@env["USHER_LOG"])
      FileUtils.rm_rf(@data)
    end
  end
end
