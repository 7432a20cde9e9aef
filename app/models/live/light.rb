# Where the teacher's spotlight is and what form it has; nothing when it is off.
class Live::Light
  PLACE = Usher::Types::List.new(Usher::Types::Number.new(-20_000..20_000, digits: 0), 2..2)

  def initialize(data)
    return unless data["at"]
    @light = { at: PLACE.call(data["at"]), size: PLACE.call(data["size"]), round: Usher::Types::Flag.new.call(data["round"]) }
  end

  def to_h = @light || {}

  # A take shows it where it has come to rest, and that it went.
  def note(lesson, during) = (Event.note(lesson, "light", to_h, during: during) if during.any?)
end
