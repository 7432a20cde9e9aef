# What is kept while a take is recorded: with each entry of the log what it changed for those who watch (the room),
# drawings and all, so that it plays as it was made whatever becomes of pages, rules and renderers.
module Take::Recording
  WRITTEN = %w[put trace].freeze # verbs whose strokes are seen being written

  # The page as it is when the take begins.
  def open = update!(opening: { **turned_to(page), "wet" => [], "shown" => {} })

  # patch: what an operation did. Kept with its entry of the log.
  def record(patch)
    return unless viewer.sees?(patch.operation.layer_id)
    patch.operation.update_columns(outcome: patch.operation.verb == "turn" ? turned_to(patch.page) : changed(patch))
  end

  private

  def viewer = Viewer.room(layer)

  def turned_to(page)
    showing = page.showing(viewer)
    rows = showing.items.pluck(:key, :seq, :z, :svg).map { |key, seq, z, svg| { key: key, seq: seq, z: z, svg: svg } }
    { "page" => page.id, "size" => page.size, "ground" => showing.ground, "stack" => Cel.keep(self, page, rows) }
  end

  def changed(patch)
    seen = patch.for(viewer)
    rows = patch.rows.index_by { |row| row[:key] }.values_at(*seen[:put].map { |put| put[:id] })
    { "put" => Cel.keep(self, patch.page, rows, seq: seen[:seq], written: WRITTEN.include?(patch.operation.verb)), "gone" => seen[:gone], "ground" => seen[:ground] }.compact
  end
end
