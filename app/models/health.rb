# Whether what Usher needs is there, each by its name: true or false. Says nothing about what a school keeps.
module Health
  LEAST_ROOM = 500.megabytes
  STALE = 3.minutes # a worker says every minute that it is there

  module_function

  def now = { database: works { ActiveRecord::Base.connection.select_value("SELECT 1") == 1 }, queue: works { SolidQueue::Job.connection.select_value("SELECT 1") == 1 }, disk: works { room > LEAST_ROOM }, worker: works { worker? } }

  # Bytes that are free where the data lies.
  def room
    Rails.cache.fetch("health/room", expires_in: 10.seconds) do
      Open3.capture2("df", "--output=avail", "-B1", Rails.root.join(ENV.fetch("USHER_DATA", "storage")).to_s).first.lines.last.to_i
    end
  end

  def worker? = !Rails.env.production? || SolidQueue::Process.where(kind: "Worker", last_heartbeat_at: STALE.ago..).exists?

  def works
    yield ? true : false
  rescue StandardError
    false
  end
end
