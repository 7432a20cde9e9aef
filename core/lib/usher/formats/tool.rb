require "open3"

module Usher
  module Formats
    # Runs a program of the system on somebody's file, with limits on time and memory, so that no file
    # can hold up or bring down the server: it comes after everything else the machine has to do, if it is not short and
    # waited for, and ends with the process that began it.
    module Tool
      MEMORY = 3_000_000_000 # bytes of addresses, of which far fewer are used
      SECONDS = 60
      BEHIND = %w[nice -n 10].freeze # everything else the machine has to do
      LIMITS = %w[setpriv --pdeathsig TERM timeout --kill-after 1].freeze # timeout hands the signal on, and insists
      LAST = %w[setpriv --pdeathsig KILL].freeze # timeout told to end while it begins the program does not hand it on

      class Failed < StandardError
      end

      module_function

      # Answers with what it wrote to its standard output, as bytes. input: for its standard input; soon: somebody
      # waits for it, and it takes a fraction of a second: on a busy machine that would be many seconds behind all else.
      # Raises Failed, with the last line it complained in, when it did not end well or in time.
      def run(*command, input: "", seconds: SECONDS, soon: false, environment: {})
        manners = soon ? [] : BEHIND
        output, problem, status = Open3.capture3(environment, *limited(command, seconds, manners), stdin_data: input, binmode: true, rlimit_as: MEMORY)
        raise Failed, problem.scrub.lines.last.to_s.strip unless status.success?
        output
      end

      # The same for work that takes long: yields each line it writes. Answers with true; a block that
      # throws ends the program.
      def follow(*command, seconds: 3_600)
        problem = Tempfile.new("usher-tool")
        IO.popen([ *limited(command, seconds, BEHIND), { err: problem.path, rlimit_as: MEMORY } ]) do |io|
          io.each_line { |line| yield line.chomp }
        ensure
          Process.kill("TERM", io.pid) unless io.closed? || io.eof?
        end
        raise Failed, File.read(problem.path).scrub.lines.last.to_s.strip unless $?.success?
        true
      ensure
        problem&.close!
      end

      def limited(command, seconds, manners) = [ *manners, *LIMITS, seconds.to_s, *LAST, *command.map(&:to_s) ]
      private_class_method :limited
    end
  end
end
