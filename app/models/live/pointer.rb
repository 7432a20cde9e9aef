# Where a laser pointer is, in page units; nothing when it has gone. A student's bears the name.
class Live::Pointer
  # seat: whose it is, or nil for the teacher's.
  def initialize(data, seat: nil)
    @seat = seat
    @at = %w[x y].map { |axis| Usher::Types::Number.new(-2_000..4_000, digits: 0).call(data[axis]) } if data["x"]
  end

  def to_h = { at: @at, **(@seat ? { seat: @seat.id, name: @seat.name } : {}) }
end
