# The cues of a page: what is prepared to happen on it.
module Page::Cueing
  # They as they stand in a layer. run: the ids of those that were run.
  def prompt(layer = prepared, run: [])
    named = cues.filter_map { |cue| cue["item"] }.uniq
    things = named.any? ? Page::Surface.new(self, layer).find(named).transform_values(&:item) : {}
    Usher::Cues::Prompt.new(cues, run: run, things: things)
  end

  # What somebody tries out while preparing: the drawings it would change, and what it would ask of the room. Nothing
  # is kept. Raises Usher::Invalid.
  def try_cue(id)
    stands = prompt
    cue = stands.find(id) or raise Usher::Invalid, "That cue is not on the page any more."
    raise Usher::Invalid, "Its thing is not on the page any more." if stands.broken?(cue)
    operation = cue.operation
    outcome = operation && Usher::Page::Operation.build(operation).run(Page::Surface.new(self, prepared), lenient: true)
    { put: outcome ? outcome.put.map { |placed| drawn(placed) } : [], words: stands.words(cue), asks: cue.asks(stands.thing(cue)) }
  end

  private

  def drawn(placed) = { id: placed.id, z: placed.z, svg: Usher::Page::Drawing.item(placed, seq + 1) }
end
