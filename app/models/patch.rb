# What an operation changed, as those who see its layer are told: drawings to put, ids that are gone, a new
# ground.
class Patch
  # For an operation that was kept before: the same things as they are now.
  def self.of(operation)
    rows = Item.where(page_id: operation.page_id, key: operation.touched).through(operation.layer.stack).map(&:attributes).map(&:symbolize_keys)
    new(operation, page: operation.page, rows: rows, gone: operation.touched - rows.map { |row| row[:key] },
      ground: operation.verb == "restyle", repeated: true)
  end

  # operation: the entry of the log. rows: hashes with :key, :z, :svg, :veiled_svg, :audiences; ground, veil:
  # whether it changed, and whether only what is seen without what covers hide did.
  # step: whether the person can take it back.
  def initialize(operation, page:, rows:, gone:, ground:, veil: false, repeated: false, step: false, note: nil)
    @operation, @page, @rows, @gone, @ground, @veil, @repeated, @step, @note = operation, page, rows, gone, ground, veil, repeated, step, note
  end

  attr_reader :operation, :page, :rows

  # A sentence for the person who did it, or nil.
  attr_reader :note

  def repeated? = @repeated
  def step? = @step

  # What somebody who sees the layer is told. What is not for them, went into the wings or is covered is gone
  # there; what a layer above has of its own stays as it is.
  def for(viewer)
    above = overridden(viewer)
    seen, away = @rows.reject { |row| above.include?(row[:key]) }.partition { |row| viewer.audience.among?(row[:audiences]) && hidden.exclude?(row[:seat_id]) }
    { page: @page.id, seq: @operation.seq, put: seen.map { |row| drawn(row, viewer) }, gone: @gone - above + away.map { |row| row[:key] },
      **ground(viewer), **(viewer.may?(:write) ? entry : {}) }
  end

  def publish
    ApplicationRecord.current_transaction.after_commit do
      Live::Group.around(@operation.layer).each { |group| group.publish(patch: self.for(group.viewer)) if group.follows?(@operation.layer_id, @page.id) }
    end
  end

  private

  # What only boards are told: what it was, and who did it.
  def entry = { op: @operation.client_id, by: @operation.actor, verb: @operation.verb }

  def ground(viewer)
    return {} unless @ground || (@veil && viewer.audience.veiled?)
    Page::Showing.new(@page, viewer).then { |showing| { ground: showing.ground, **(viewer.may?(:write) ? { style: showing.style } : {}) } }
  end

  def drawn(row, viewer) = { id: row[:key], z: row[:z], svg: (viewer.audience.veiled? && row[:veiled_svg]) || row[:svg] }

  # The students whose ink nobody is shown.
  def hidden = @hidden ||= @rows.filter_map { |row| row[:seat_id] }.uniq.then { |seats| seats.any? ? Seat.where(id: seats, ink_hidden: true).ids : [] }

  # The touched items that the viewer sees in a layer above the operation's.
  def overridden(viewer)
    higher = viewer.layer.stack.select { |number| number > @operation.layer_id }
    higher.empty? ? [] : Item.where(page_id: @page.id, layer_id: higher, key: @rows.map { |row| row[:key] } + @gone).pluck(:key)
  end
end
