# Another go for the next group: the page as it was prepared, however much a class has done to it
# since. One step, which can be undone like any other.
module Page::Reset
  # How many steps were done in front of a class since it was prepared.
  def steps_since_prepared = operations.where(seq: prepared_seq + 1..).where.not(inverse: nil).count

  # Answers with a Patch, or nil when the page is as it was prepared.
  def reset(by:, id:, during: {})
    transaction do
      reload(lock: true)
      known = known(id) and next known
      operation = Usher::Page::Difference.between(now, prepared)
      patch = operation && perform(operation, id: id, by: by, during: during)
      update_columns(prepared_seq: seq)
      patch
    end
  end

  # The mess of a class becomes how the page is prepared.
  def keep_as_is = update_columns(prepared_seq: seq)

  private

  def now = Usher::Page::Memory.new(items.reload.map(&:placed), style: style)

  def prepared = Usher::Takes::Rewind.run(now, operations.where(seq: prepared_seq + 1..).order(seq: :desc).pluck(:inverse))
end
