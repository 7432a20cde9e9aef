# Undo and redo: per person within a layer, without limit, also after a reload, because they read the log.
# Taking back is itself an operation, so that everybody follows and takes show it.
module Page::History
  AFTER_A_STEP = { undo: true, redo: false }.freeze # of the person's own, without asking

  # Takes back the person's latest step on this page. nil when there is none.
  def undo(by:, id:, layer: prepared, during: {})
    transaction do
      look_again
      known = known(id) and next known
      step = undoable(by, layer) or next
      perform(step.inverse, id: id, by: by, layer: layer, during: during, undoes: step).tap { step.update!(undone: true) }
    end
  end

  # Makes the person's latest undone step again. nil when there is none.
  def redo(by:, id:, layer: prepared, during: {})
    transaction do
      look_again
      known = known(id) and next known
      step = redoable(by, layer) or next
      perform(again(step), id: id, by: by, layer: layer, during: during, undoes: step).tap { step.update!(undone: false) }
    end
  end

  # Takes back one step, wherever it stands. nil where that was done already.
  def take_back(step, by:, during: {})
    transaction do
      look_again
      next if step.reload.undone? || step.inverse.nil?
      perform(step.inverse, id: SecureRandom.alphanumeric(20), by: by, layer: step.layer, during: during, undoes: step).tap { step.update!(undone: true) }
    end
  end

  def undoable(by, layer = prepared) = standing(by, layer).last

  # Steps taken back after the latest one that stands; a new step makes older ones unreachable.
  def redoable(by, layer = prepared) = steps(by, layer).where(undone: true, seq: (undoable(by, layer)&.seq || 0)..).first

  # What the buttons of this person may offer.
  def steps_open_to(by, layer = prepared)
    latest = standing(by, layer).maximum(:seq)
    { undo: latest.present?, redo: steps(by, layer).where(undone: true, seq: (latest || 0)..).exists? }
  end

  private

  def standing(by, layer) = steps(by, layer).where(undone: false)

  def steps(by, layer) = operations.where(actor: by.actor, layer_id: layer.id, undoes_id: nil).where.not(inverse: nil).order(:seq)

  # What the step's undoing would take back is what the step did, with everything as it ended up.
  def again(step) = operations.where(undoes: step).order(:seq).last.inverse || step.payload
end
