# Where the teacher's spotlight is and what form it has; nothing when it is off. Kept for a while, so that a device
# that comes later is dimmed too.
class Live::Light
  KEPT = 6.hours

  class << self
    # What devices of a sitting should be told now; nil where all of the page is to be seen.
    def now(sitting) = Live::Counts.store.read(key(sitting)).presence
    def key(sitting) = "light:#{sitting.id}"
  end

  PLACE = Usher::Types::List.new(Usher::Types::Number.new(-20_000..20_000, digits: 0), 2..2)

  def initialize(data)
    return unless data["at"]
    @light = { at: PLACE.call(data["at"]), size: PLACE.call(data["size"]), round: Usher::Types::Flag.new.call(data["round"]) }
  end

  def to_h = @light || {}

  # sitting: the one it shines in; nil where there is none.
  def tell(lesson, sitting, during = {})
    if sitting
      Live::Counts.store.write(self.class.key(sitting), to_h, expires_in: KEPT)
      sitting.tell_devices(light: to_h)
    end
    note(lesson, during)
  end

  private

  # A take shows it where it has come to rest, and that it went.
  def note(lesson, during) = (Event.note(lesson, "light", to_h, during: during) if during.any?)
end
