# What an operation changed, as browsers are told: drawings to put, ids that are gone, a new ground.
class Patch
  # For an operation that was kept before: the same things as they are now.
  def self.of(operation)
    rows = operation.page.items.where(key: operation.touched).map(&:attributes).map(&:symbolize_keys)
    new(operation, page: operation.page, rows: rows, gone: operation.touched - rows.map { |row| row[:key] },
      ground: operation.verb == "restyle", repeated: true)
  end

  # rows: hashes with :key, :z, :svg, :device_svg, :on_devices; ground, veil: whether it changed, and whether
  # only what devices get of it did.
  def initialize(operation, page:, rows:, gone:, ground:, veil: false, repeated: false, note: nil)
    @operation, @page, @rows, @gone, @ground, @veil, @repeated, @note = operation, page, rows, gone, ground, veil, repeated, note
  end

  def repeated? = @repeated

  # A sentence for the person who did it, or nil.
  attr_reader :note

  # For boards: everything, and what can be undone next is theirs to ask.
  def to_h
    { page: @page.id, seq: @operation.seq, op: @operation.client_id, by: @operation.actor, verb: @operation.verb,
      put: @rows.map { |row| shown(row) }, gone: @gone, **(@ground ? { ground: @page.ground, style: @page.style } : {}) }
  end

  # For devices: what is not for them, left the page for the wings or is covered, is gone there.
  def for_devices
    seen, away = @rows.partition { |row| row[:on_devices] }
    { page: @page.id, seq: @operation.seq, put: seen.map { |row| shown(row).merge({ svg: row[:device_svg] }.compact) }, gone: @gone + away.map { |row| row[:key] }, **(@ground || @veil ? { ground: @page.ground(:devices) } : {}) }
  end

  def publish
    ApplicationRecord.current_transaction.after_commit do
      @page.lesson.board_feed.publish(patch: to_h)
      @page.lesson.device_feed.publish(patch: for_devices) if @page.lesson.sitting&.page_id == @page.id
    end
  end

  private

  def shown(row) = { id: row[:key], z: row[:z], svg: row[:svg] }
end
