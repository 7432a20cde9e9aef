# Whether a board in Teach shows a sitting at this moment, and how long it was taught, page by page. The clock is the
# server's, so that another machine can take over and a wrong clock does no harm.
module Sitting::Held
  BEAT = 60 # seconds between two looks at the clock while it is held
  REST = 12.hours # after which a sitting nobody held is over

  # Boards are counted in the cache, like those in seats.
  def held? = Live::Counts.store.read(held, raw: true).to_i.positive?

  def hold
    tick
    Live::Counts.store.increment(held, 1, expires_in: 1.day)
  end

  def let_go
    return unless held?
    tick
    Live::Counts.store.decrement(held, 1)
  end

  # Adds what has passed since the last look to the page it stands at. While nobody held it no time passed. However
  # many boards look, each second counts once.
  def tick(now = Time.current)
    with_lock do
      passed = held? && seen_at ? (now - seen_at).clamp(0, 2 * BEAT) : 0
      update_columns(seen_at: now, times: times.merge(page_id.to_s => (times[page_id.to_s].to_f + passed).round(1)))
    end
  end

  # Seconds it was taught, in all and on a page, as of now.
  def taught = times.values.sum + running
  def taught_on(page) = times[page.id.to_s].to_f + (page.id == page_id ? running : 0)

  def left_alone? = !open? && !held? && (seen_at || began_at) < REST.ago

  private

  def running = held? && seen_at ? (Time.current - seen_at).clamp(0, 2 * Sitting::Held::BEAT) : 0
  def held = "sitting:#{id}:held"
end
