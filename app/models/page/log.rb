# The one way a page changes: an operation is applied by the core in a layer, kept in the same transaction as
# the items it changed, and then told to everybody who follows the lesson and sees that layer.
module Page::Log
  # operation: a hash as Usher::Page::Operation.build takes it. id: the client's own id for it;
  # sending the same again changes nothing and answers with the same. by: a Teacher (or anything
  # with `actor`). layer: whose state of the page changes; usually the prepared lesson. during: { take:, ms: }
  # while a take is recorded. Answers with a Patch.
  # Raises Usher::Invalid, and then nothing has changed.
  def perform(operation, id:, by:, layer: prepared, during: {}, undoes: nil)
    key = Usher::Invalid.about("The id of this operation") { Usher::Types::Id.new.call(id) }
    patch = transaction do
      look_again
      known = known(key) and next known
      write(Usher::Page::Operation.build(operation), key, by, layer, during, undoes)
    end
    patch.publish unless patch.repeated?
    patch
  end

  private

  # Mostly there is no more to write than the number, and that the words are not those of the index.
  def step_on = ((changed - %w[seq indexed]).empty? ? update_columns(seq: seq, indexed: indexed, updated_at: Time.current) : save!)

  # The page as it stands, within a transaction; whose it is stays the same.
  def look_again
    whose = lesson
    reload(lock: true)
    association(:lesson).target = whose
  end

  # The Patch of an operation that was sent before with this id, or nil.
  def known(id) = Operation.find_by(page_id: self.id, client_id: id)&.then { |entry| Patch.of(entry) }

  def write(operation, key, by, layer, during, undoes)
    outcome = operation.run(Page::Surface.new(self, layer), lenient: undoes.present?)
    self.seq += 1
    self.indexed = false if indexed? && layer.prepared? && words_among?(outcome)
    restyle(outcome.style, layer)
    step_on
    covers = covers_among?(outcome, layer)
    rows = layer.prepared? ? keep_prepared(outcome, layer) : keep_over(outcome, layer, (by.author if operation.class.verb == "put"))
    entry = Operation.enter(page: self, layer: layer, client_id: key, actor: by.actor, operation: operation, outcome: outcome, undoes: undoes, during: during)
    lesson.update_columns(updated_at: updated_at)
    layer.sitting&.turn_to(self, operation: key) if entry.verb == "turn"
    patch = Patch.new(entry, page: self, rows: rows, gone: outcome.gone, ground: outcome.style.any?, veil: covers, step: undoes.nil? && !outcome.inverse.nil?, note: outcome.note)
    during[:take]&.record(patch)
    patch
  end

  # The paper, the colour and the minutes of the page, or of this layer of it.
  def restyle(set, layer)
    return if set.empty?
    raise Usher::Invalid, "Cues belong to the prepared lesson." if set.key?("cues") && !layer.prepared?
    picture = paper_picture(style.merge(set)) if set.key?("paper")
    return layer.styles.find_or_initialize_by(page_id: id).then { |own| own.update!(style: own.style.to_h.merge(set)) } unless layer.prepared?
    assign_attributes(set)
    self.picture = picture if set.key?("paper")
  end

  def keep_prepared(outcome, layer)
    keep(outcome.put, layer).tap { Item.where(page_id: id, layer_id: layer.id).keyed(outcome.gone).delete_all if outcome.gone.any? }
  end

  # In a layer over others only what differs from below is kept: what is put back as it is there has no row any
  # more, and what is taken away has a row that hides it.
  # author: the seat that puts something new there, or nil.
  def keep_over(outcome, layer, author)
    keys = outcome.put.map(&:id) + outcome.gone
    below = Item.where(page_id: id).keyed(keys).through(layer.beneath).pluck(:key, :z, :data).to_h { |key, z, data| [ key, [ z, data ] ] }
    same, different = outcome.put.partition { |placed| below[placed.id]&.then { |z, data| z == placed.z && data.except("kind") == placed.item.to_h.except("kind") } }
    dropped = same.map(&:id) + (outcome.gone - below.keys)
    layer.items.where(page_id: id).keyed(dropped).delete_all if dropped.any?
    hide(outcome.gone & below.keys, layer)
    keep(different, layer, authors_of(different, layer), author) + same.map { |placed| Item.row(placed, page: self, layer_id: layer.id) }
  end

  # known: { id => the seat whose it is }.
  def keep(placed, layer, known = {}, author = nil)
    return [] if placed.empty?
    rows = placed.map { |one| Item.row(one, page: self, layer_id: layer.id).update(seat_id: known[one.id] || known[one.item.origin] || author) }
    guard(rows)
    Item.write(rows)
    Item.current_transaction.after_commit { Item.recent.add(rows.zip(placed.map(&:item))) }
    rows
  end

  # Whose these are, or what they were cut from, in the layer as it was.
  def authors_of(placed, layer) = layer.items.where(page_id: id).keyed(placed.flat_map { |one| [ one.id, one.item.origin ] }.compact).where.not(seat_id: nil).pluck(:key, :seat_id).to_h

  def hide(keys, layer) = Item.write(keys.map { |key| Item.hiding(key, page: self, layer_id: layer.id) })

  # Whether an operation touches covers over a picture that is the paper.
  def covers_among?(outcome, layer)
    return false unless picture_id || !layer.prepared?
    outcome.put.any? { |placed| placed.item.is_a?(Usher::Items::Cover) } || Item.where(page_id: id, kind: "cover").keyed(outcome.gone).exists?
  end

  # The picture that is the paper in this style, which must be the teacher's.
  def paper_picture(style)
    number = Usher::Page::Paper.of(style).picture or return
    lesson.pictures.find_by(id: number) or raise Usher::Invalid, "That picture is not in this lesson's store room."
  end

  # An item may only show what belongs to this lesson and its teacher.
  def guard(rows)
    { picture_id: :pictures, asset_id: :assets, activity_id: :activities }.each do |column, own|
      numbers = rows.filter_map { |row| row[column] }.uniq
      numbers |= rows.flat_map { |row| row[:data]["faces"].to_a.filter_map { |face| face["picture"]&.to_i } } if column == :picture_id # of what has several
      next if numbers.empty? || lesson.public_send(own).where(id: numbers).count == numbers.size
      raise Usher::Invalid, "That picture, file or activity is not in this lesson's store room."
    end
  end
end
