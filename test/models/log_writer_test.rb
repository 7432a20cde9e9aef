require "test_helper"
require Rails.root.join("lib/log_writer").to_s

# Log lines are written by a thread of their own.
class LogWriterTest < ActiveSupport::TestCase
  test "all lines come, in order, and closing waits for them" do
    out = StringIO.new
    log = LogWriter.new(out)
    logger = ActiveSupport::Logger.new(log)
    200.times { |n| logger.info("line #{n}") }
    log.close
    assert_equal Array.new(200) { |n| "line #{n}" }, out.string.lines(chomp: true)
  end

  test "nobody waits for a disk that is slow, and what is too much is left out" do
    gate, written = Queue.new, []
    out = Object.new
    out.define_singleton_method(:sync=) { |_| nil }
    out.define_singleton_method(:write) { |line| [ gate.pop, written.push(line) ] }
    log = LogWriter.new(out)
    (LogWriter::MOST + 50).times { |n| log.write("#{n}\n") }
    gate.close
    log.close
    assert_includes LogWriter::MOST..LogWriter::MOST + 1, written.size # one may have been on its way
  end

  test "a forked process writes its own lines and none of its parent's" do
    Tempfile.create do |file|
      log = LogWriter.new(file.path)
      log.write("parent\n")
      child = fork { log.write("child\n") && log.close && exit!(0) }
      Process.wait(child)
      log.close
      assert_equal %w[child parent], File.readlines(file.path, chomp: true).sort
    end
  end

  test "a log that cannot be written stops nothing" do
    log = LogWriter.new(StringIO.new.tap(&:close_write))
    assert_equal 2, log.write("a\n")
    assert_nothing_raised { log.close }
    assert_nothing_raised { log.write("said while the server ends\n") }
  end
end
