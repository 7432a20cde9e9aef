# The one way a page changes: an operation is applied by the core, kept in the same transaction as
# the items it changed, and then told to everybody who follows the lesson.
module Page::Log
  # operation: a hash as Usher::Page::Operation.build takes it. id: the client's own id for it;
  # sending the same again changes nothing and answers with the same. by: a Teacher (or anything
  # with `actor`). during: { take:, ms: } while a take is recorded. teaching: done in front of a class,
  # which a reset takes back. Answers with a Patch.
  # Raises Usher::Invalid, and then nothing has changed.
  def perform(operation, id:, by:, during: {}, undoes: nil, teaching: false)
    key = Usher::Invalid.about("The id of this operation") { Usher::Types::Id.new.call(id) }
    patch = transaction do
      reload(lock: true)
      known = known(key) and next known
      write(Usher::Page::Operation.build(operation), key, by, during, undoes, teaching)
    end
    patch.publish unless patch.repeated?
    patch
  end

  private

  # The Patch of an operation that was sent before with this id, or nil.
  def known(id) = operations.find_by(client_id: id)&.then { |entry| Patch.of(entry) }

  def write(operation, key, by, during, undoes, teaching)
    outcome = operation.run(Page::Surface.new(self), lenient: undoes.present?)
    assign_attributes(seq: seq + 1, **outcome.style)
    self.prepared_seq = seq unless teaching
    self.picture = paper_picture if outcome.style.key?("paper")
    save!
    worded, veiled = words_among?(outcome), covers_among?(outcome)
    rows = keep(outcome.put)
    Item.where(page_id: id, key: outcome.gone).delete_all if outcome.gone.any?
    index_words if worded || outcome.style.key?("paper")
    entry = Operation.enter(page: self, client_id: key, actor: by.actor, operation: operation, outcome: outcome, undoes: undoes, during: during)
    lesson.touch
    lesson.sitting&.turn_to(self) if entry.verb == "turn"
    Patch.new(entry, page: self, rows: rows, gone: outcome.gone, ground: outcome.style.any?, veil: veiled, note: outcome.note)
  end

  def keep(placed)
    return [] if placed.empty?
    rows = placed.map { |one| Item.row(one, page: self) }
    guard(rows)
    Item.upsert_all(rows, unique_by: %i[page_id key], record_timestamps: false)
    Item.current_transaction.after_commit { rows.zip(placed) { |row, one| Item.recent.add(row, one.item) } }
    rows
  end

  # Whether an operation touches covers over a picture that is the paper.
  def covers_among?(outcome)
    return false unless picture_id
    outcome.put.any? { |placed| placed.item.is_a?(Usher::Items::Cover) } || Item.exists?(page_id: id, key: outcome.gone, kind: "cover")
  end

  # The picture that is the paper, which must be the teacher's.
  def paper_picture
    number = Usher::Page::Paper.of(style).picture or return
    lesson.teacher.pictures.find_by(id: number) or raise Usher::Invalid, "That picture is not in this lesson's store room."
  end

  # An item may only show what belongs to this lesson and its teacher.
  def guard(rows)
    teacher = lesson.teacher
    { picture_id: teacher.pictures, asset_id: teacher.assets, activity_id: lesson.activities }.each do |column, own|
      numbers = rows.filter_map { |row| row[column] }.uniq
      next if numbers.empty? || own.where(id: numbers).count == numbers.size
      raise Usher::Invalid, "That picture, file or activity is not in this lesson's store room."
    end
  end
end
