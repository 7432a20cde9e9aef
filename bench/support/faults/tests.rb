require "timeout"

module Faults
  # The loaded test classes, run in a process of their own until one fails; those that are quick come first.
  class Tests
    PATIENCE = 60 # seconds, after which a fault counts as noticed: something goes round for ever

    # Stops at the first failure.
    class Stop < Minitest::AbstractReporter
      def record(result) = (exit!(1) unless result.passed? || result.skipped?)
    end

    class Note < Minitest::AbstractReporter
      attr_reader :failed

      def record(result) = ((@failed ||= []) << result unless result.passed? || result.skipped?)
    end

    # Runs all once, without a fault. Raises when they do not pass.
    def initialize
      Minitest.seed = 1
      @classes = Minitest::Runnable.runnables.select { |one| one.runnable_methods.any? }
      note = Note.new
      @times = @classes.to_h { |one| [ one, Process.clock_gettime(Process::CLOCK_MONOTONIC).then { |from| run(one, note); Process.clock_gettime(Process::CLOCK_MONOTONIC) - from } ] }
      raise "Without a fault #{note.failed.map(&:name).join(', ')} fail." if note.failed
    end

    def seconds = @times.values.sum

    # Whether they notice the fault.
    def notice?(fault)
      child = fork { attempt(fault) }
      _, status = Timeout.timeout(PATIENCE) { Process.wait2(child) }
      !status.success?
    rescue Timeout::Error
      Process.kill(:KILL, child)
      Process.wait(child)
      true
    end

    private

    def attempt(fault)
      [ $stdout, $stderr ].each { |stream| stream.reopen(File::NULL) }
      fault.commit
      @classes.sort_by { |one| @times[one] }.each { |one| run(one, Stop.new) }
      exit!(0)
    rescue Exception # rubocop:disable Lint/RescueException -- a file that does not even load is noticed
      exit!(1)
    end

    def run(one, reporter) = one.run(reporter, {})
  end
end
