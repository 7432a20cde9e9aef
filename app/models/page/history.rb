# Undo and redo: per person, without limit, also after a reload, because they read the log. Taking
# back is itself an operation, so that everybody follows and takes show it.
module Page::History
  # Takes back the person's latest step on this page. nil when there is none.
  def undo(by:, id:, during: {}, teaching: false)
    transaction do
      reload(lock: true)
      known = known(id) and next known
      step = undoable(by) or next
      perform(step.inverse, id: id, by: by, during: during, teaching: teaching, undoes: step).tap { step.update!(undone: true) }
    end
  end

  # Makes the person's latest undone step again. nil when there is none.
  def redo(by:, id:, during: {}, teaching: false)
    transaction do
      reload(lock: true)
      known = known(id) and next known
      step = redoable(by) or next
      perform(again(step), id: id, by: by, during: during, teaching: teaching, undoes: step).tap { step.update!(undone: false) }
    end
  end

  def undoable(by) = standing(by).last

  # Steps taken back after the latest one that stands; a new step makes older ones unreachable.
  def redoable(by) = steps(by).where(undone: true, seq: (undoable(by)&.seq || 0)..).first

  # What the buttons of this person may offer.
  def steps_open_to(by) = { undo: standing(by).exists?, redo: steps(by).where(undone: true, seq: (standing(by).maximum(:seq) || 0)..).exists? }

  private

  def standing(by) = steps(by).where(undone: false)

  def steps(by) = operations.where(actor: by.actor, undoes_id: nil).where.not(inverse: nil).order(:seq)

  # What the step's undoing would take back is what the step did, with everything as it ended up.
  def again(step) = operations.where(undoes: step).order(:seq).last.inverse || step.payload
end
