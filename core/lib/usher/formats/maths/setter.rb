require "json"
require "open3"
require "timeout"

module Usher
  module Formats
    module Maths
      # A running MathJax (setter.mjs), started when it is first needed and again when it has died.
      module Setter
        class Failed < StandardError
        end

        SCRIPT = File.join(__dir__, "setter.mjs")
        SECONDS = 8

        @lock = Mutex.new

        # source: AsciiMath. Answers with an SVG document; raises Invalid when MathJax cannot read it.
        def self.set(source)
          answer = @lock.synchronize { ask(JSON.generate(source: source)) }
          raise Invalid, "Usher cannot read this formula." if answer["problem"]
          answer.fetch("svg")
        end

        def self.ask(line)
          start unless @running&.alive?
          @to.puts(line)
          @to.flush
          JSON.parse(Timeout.timeout(SECONDS) { @from.gets } || raise(Failed, "MathJax stopped"))
        rescue Timeout::Error, Errno::EPIPE, Failed, JSON::ParserError => error
          stop
          raise Failed, "The formula could not be set (#{error.class})."
        end

        def self.start
          stop
          @to, @from, @running = Open3.popen2("node", SCRIPT)
        end

        def self.stop
          return unless @running
          Process.kill(:KILL, @running.pid) if @running.alive?
          [ @to, @from ].each(&:close)
          @running = nil
        end
        private_class_method :ask, :start, :stop
      end
    end
  end
end
