# Where the teacher's laser pointer is, in page units; nothing when it has gone.
class Live::Pointer
  def initialize(data)
    @at = %w[x y].map { |axis| Usher::Types::Number.new(-2_000..4_000, digits: 0).call(data[axis]) } if data["x"]
  end

  def to_h = { at: @at }
end
