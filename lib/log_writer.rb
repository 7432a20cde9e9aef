# Where log lines go without keeping anybody waiting: they are handed over, and a thread of its own writes them. Whoever
# writes to a file lets go of Ruby's global lock and has it back late while others compute; with a lock of the logger's
# held meanwhile, every request stood in line behind that one (bench/siege).
class LogWriter
  MOST = 10_000 # lines that may wait; when a disk takes none for so long, what comes is left out

  # io: anything that is written to, or the path of a file.
  def initialize(io)
    @io = io.is_a?(String) ? File.open(io, "a", 0o640) : io
    @io.sync = true
    begin_anew
    at_exit { close }
  end

  # As an IO does; Logger asks for no more.
  def write(line)
    begin_anew if @process != Process.pid
    @lines << line if @lines.size < MOST && !@lines.closed?
    line.bytesize
  end

  # Everything that was handed over is written when this is done.
  def close
    return if @process != Process.pid || @lines.closed?
    @lines.close
    @writer.join
  end

  private

  # Threads do not come along into a process that is forked, and what waited is its parent's to write.
  def begin_anew
    @process, @lines = Process.pid, Queue.new
    @writer = Thread.new(@lines) { |lines| while (line = lines.pop) do put(line) end }
  end

  # A log that cannot be written to stops nothing else.
  def put(line)
    @io.write(line)
  rescue SystemCallError, IOError
    nil
  end
end
