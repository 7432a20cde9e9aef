# Jobs that a server had begun when it was killed. One server works on a data folder, so when it starts nobody works on
# them any more: they begin again, and go on where what they kept says.
module Leftovers
  def self.take_back
    SolidQueue::ClaimedExecution.find_each(&:release)
    SolidQueue::Process.delete_all
  end
end
