# What the teacher's board plays: which thing, whether it runs, at which second, how fast; nothing when it
# is closed. Kept for a while, so that a device that comes later joins in.
class Live::Media
  ITEM, AT, RATE, PAGE = Usher::Types::Id.new, Usher::Types::Number.new(0..360_000), Usher::Types::Number.new(0.25..4), Usher::Types::Number.new(1..2**53, digits: 0)
  KEPT = 6.hours

  class << self
    # What devices of a sitting should be told now, its second moved on; nil where nothing is open.
    def now(sitting)
      state, told = Live::Counts.store.read(key(sitting))
      return if state.blank?
      gone = state[:playing] ? (Time.current.to_f - told) * state[:rate] : 0
      state.merge(at: state[:at] + gone)
    end

    def key(sitting) = "media:#{sitting.id}"
  end

  def initialize(data)
    return unless data["item"]
    @state = { page: PAGE.call(data["page"]), item: ITEM.call(data["item"]), playing: Usher::Types::Flag.new.call(data["playing"]), at: AT.call(data["at"]), rate: RATE.call(data["rate"] || 1) }
  end

  def to_h = @state || {}

  # sitting: the one it is played in; nil where there is none.
  def tell(lesson, sitting, during = {})
    if sitting
      Live::Counts.store.write(self.class.key(sitting), [ to_h, Time.current.to_f ], expires_in: KEPT)
      sitting.tell_devices(media: to_h)
    end
    Event.note(lesson, "media", to_h, during: during)
  end
end
