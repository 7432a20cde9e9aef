require "test_helper"

class LeftoversTest < ActiveSupport::TestCase
  test "what a killed server had begun begins again" do
    job = SolidQueue::Job.enqueue(ForgetJob.new)
    process = SolidQueue::Process.create!(kind: "Worker", name: "gone", pid: 1, last_heartbeat_at: 1.hour.ago)
    SolidQueue::ReadyExecution.claim("*", 1, process.id)
    assert_equal [ job.id ], SolidQueue::ClaimedExecution.pluck(:job_id)
    Leftovers.take_back
    assert_equal [ [ job.id ], 0, 0 ], [ SolidQueue::ReadyExecution.pluck(:job_id), SolidQueue::ClaimedExecution.count, SolidQueue::Process.count ]
  end

  test "of several servers, one takes over what another that gives no sign of life had begun" do
    jobs = Array.new(2) { SolidQueue::Job.enqueue(ForgetJob.new) }
    gone, alive = [ 3.minutes, 1.second ].map { |ago| SolidQueue::Process.create!(kind: "Worker", name: fresh, pid: 1, last_heartbeat_at: ago.ago).tap { |process| SolidQueue::ReadyExecution.claim("*", 1, process.id) } }
    assert_equal [ gone.id, alive.id ], SolidQueue::ClaimedExecution.order(:job_id).pluck(:process_id)
    Leftovers.take_over
    assert_equal [ [ jobs.first.id ], [ jobs.last.id ] ], [ SolidQueue::ReadyExecution.pluck(:job_id), SolidQueue::ClaimedExecution.pluck(:job_id) ]
  end

  test "a program ends with the process that began it" do
    mark = "usher-#{SecureRandom.hex(4)}"
    child = fork do
      Signal.trap("TERM", "DEFAULT")
      Usher::Formats::Tool.run("sh", "-c", "sleep 60 # #{mark}", seconds: 60)
    ensure
      exit!
    end
    written = "sh\0-c\0sleep 60 # #{mark}"
    running = -> { Dir["/proc/[0-9]*/cmdline"].filter_map { |path| File.read(path) rescue nil }.select { |line| line.include?(written) } }
    # Not before the program itself runs: what comes before it, setpriv among it, has the same words behind its own.
    200.times { running.call.any? { |line| line.start_with?(written) } ? break : sleep(0.05) }
    assert running.call.any? { |line| line.start_with?(written) }
    Process.kill(:KILL, child)
    Process.wait(child)
    200.times { running.call.empty? ? break : sleep(0.05) }
    assert_empty running.call
  end
end
