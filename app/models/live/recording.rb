# Where the take is that is being recorded of a layer, as its board says once a second: what others than the board do then
# (students who write, a question's answers that grow) has its moment in it too.
module Live::Recording
  KEPT = 3.seconds
  MS = Usher::Types::Number.new(0..Take::LONGEST, digits: 0)

  module_function

  # ms: of the take, or nil where it pauses. Raises Usher::Invalid.
  def tell(take, ms)
    ms ? Live::Counts.store.write(key(take.layer_id), [ take.id, MS.call(ms), Time.current.to_f ], expires_in: KEPT) : Live::Counts.store.delete(key(take.layer_id))
  end

  # { take:, ms: } now, as Page::Log#perform takes it; { } where nothing is recorded.
  def moment(layer)
    id, ms, told = Live::Counts.store.read(key(layer.id))
    take = id && Take.recording.find_by(id: id) or return {}
    { take: take, ms: ms + ((Time.current.to_f - told) * 1000).round }
  end

  def key(layer_id) = "recording:#{layer_id}"
end
