# Things that show answers are drawn anew soon after one has come, not for each of thirty that come at once.
module Poll::Redrawing
  EVERY = 0.5 # seconds

  @due = Concurrent::Map.new

  def self.soon(poll)
    return if @due.put_if_absent(poll.id, true)
    Concurrent::ScheduledTask.execute(EVERY) do
      @due.delete(poll.id)
      Rails.application.executor.wrap { Poll.find_by(id: poll.id)&.redraw_things }
    rescue Usher::Invalid, ActiveRecord::ActiveRecordError => error
      Rails.logger.warn "The answers on the page were not drawn anew: #{error.message}"
    end
  end
end
