require "fiddle"

# Work that takes long, or much memory, in a process of its own: a fork of this one, which comes after everything else
# the machine has to do once it is seen to take long, has limits, and ends with the thread that waits for it. The memory it took goes with it, and a
# thread that only waits leaves Ruby's lock to those whose answers somebody's hand waits for.
#
#   pdf = Forked.run { Usher::Formats::Pdf::Writer.write(documents) }
#
# What the block answers, and what it raises, comes back; what it tells live feeds is told here. Records it changed must
# be loaded anew. libvips is used nowhere else: its threads would be missing in a fork of a process that has used it.
class Forked
  class Failed < StandardError; end # it ended without an answer: out of time or memory, or killed

  SECONDS = 120
  MEMORY = 2.gigabytes # of addresses, over what this process has
  NICE = 10
  SHORT = 0.2 # seconds of computing that come in line with everything else, since somebody waits
  DIES_WITH_PARENT = 1 # PR_SET_PDEATHSIG of prctl(2)
  BEGINNING = Mutex.new

  class << self
    attr_accessor :off # for tests, whose transactions no other process sees
    attr_writer :outside

    # seconds: after which it is ended. Raises Failed. Within a fork, or where it is switched off, the block is just run.
    def run(seconds: SECONDS, &work) = off || inside? ? work.call : new(work).answer(seconds)

    def inside? = !@outside.nil?

    # To be done by the process that waits: tell(Live::Feed, :publish_to, "name", {}).
    def tell(receiver, message, *given) = write(:tell, [ receiver.name, message, given ])

    # From a fork to the process that waits for it.
    def write(kind, value) = @outside.write(Marshal.dump([ kind, value ]))
  end

  def initialize(work) = @work = work

  def answer(seconds)
    reader, pid = begin_work
    ending = Concurrent::ScheduledTask.execute(seconds) { Process.kill(:KILL, pid) }
    listen(reader)
  ensure
    ending&.cancel
    reader&.close
    pid && Process.kill(:KILL, pid) && Process.wait(pid) # also where nobody waits for its answer any more
  end

  private

  # One fork begins after the other, so that none is handed the pipe of another.
  def begin_work
    BEGINNING.synchronize do
      reader, writer = IO.pipe(binmode: true)
      parent = Process.pid
      pid = fork do
        reader.close
        work_for(parent, writer)
      end
      writer.close
      [ reader, pid ]
    end
  end

  # What the fork says, until it has its answer.
  def listen(reader)
    loop do
      kind, value = Marshal.load(reader) # rubocop:disable Security/MarshalLoad -- written by this very program
      case kind
      when :tell then value[0].constantize.public_send(value[1], *value[2])
      when :done then return value
      when :raised then raise value
      end
    end
  rescue EOFError
    raise Failed, "That took more time or memory than Usher gives it."
  end

  def work_for(parent, writer)
    self.class.outside = writer
    settle(parent)
    done = @work.call
    self.class.write(:done, done)
  rescue Exception => error # rubocop:disable Lint/RescueException -- whatever it was, who waits hears of it
    self.class.write(:raised, portable(error))
  ensure
    exit!
  end

  # Ends with the parent, comes after others before long, and has no more than so much memory.
  def settle(parent)
    %w[TERM HUP].each { |name| Signal.trap(name, "DEFAULT") }
    Fiddle::Function.new(Fiddle::Handle::DEFAULT["prctl"], [ Fiddle::TYPE_INT, Fiddle::TYPE_LONG ], Fiddle::TYPE_INT).call(DIES_WITH_PARENT, Signal.list["KILL"])
    exit! if Process.ppid != parent # which ended meanwhile
    ObjectSpace.each_object(BasicSocket) { |socket| hang_up(socket) }
    Thread.new { step_back }
    Process.setrlimit(:AS, File.read("/proc/self/statm").to_i * 4096 + MEMORY, Process.getrlimit(:AS).last)
  end

  # A priority is a thread's own, and the work may have threads.
  def step_back
    sleep 0.1 until Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) > SHORT
    Dir.children("/proc/self/task").each { |thread| Process.setpriority(Process::PRIO_PROCESS, thread.to_i, NICE) }
  rescue Errno::ESRCH
    retry # one that has just ended
  end

  # What the parent hangs up is hung up.
  def hang_up(socket)
    socket.close
  rescue IOError
    nil # one that never was opened
  end

  # An error that can travel.
  def portable(error)
    Marshal.load(Marshal.dump(error)) # rubocop:disable Security/MarshalLoad -- its own
  rescue StandardError
    Failed.new("#{error.class}: #{error.message}")
  end
end
