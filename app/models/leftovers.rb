# Jobs that a server had begun when it was killed: they begin again, and go on where what they kept says.
module Leftovers
  STALE = 2.minutes # without a sign of life, which is given every minute

  class << self
    # As the only server on a data folder starts, nobody works on them any more.
    def take_back
      SolidQueue::ClaimedExecution.find_each(&:release)
      SolidQueue::Process.delete_all
    end

    # Where there are several, those of one that gives no sign of life.
    def take_over
      gone = SolidQueue::Process.where(last_heartbeat_at: ...STALE.ago)
      SolidQueue::ClaimedExecution.where(process_id: gone.ids).find_each(&:release)
    end
  end
end
