# One go at an edition of an activity, kept move by move. It is a participant's, or the wall's: then it belongs to
# the layer of a sitting, or to none where a teacher only tries it out.
class Attempt < ApplicationRecord
  include Bounded, Marking

  at_most 200, per: %i[participant_id edition_id], words: "You have begun this two hundred times. Ask your teacher."

  attribute :state, StoredDocument.new(:attempt)

  belongs_to :edition
  belongs_to :participant, optional: true
  belongs_to :layer, optional: true
  has_many :moves, -> { order(:number) }, dependent: :delete_all, inverse_of: :attempt

  delegate :activity, to: :edition

  scope :at_wall, -> { where(participant: nil) }
  scope :trials, -> { at_wall.where(layer: nil) }

  # Those that stand at the wall on a page (a Page::Showing): of each activity there the latest.
  scope :standing, lambda { |showing|
    at_wall.where(layer: showing.viewer.layer, away_at: nil, edition: Edition.where(activity: showing.items.reorder(nil).where.not(activity_id: nil).select(:activity_id))).order(:id)
  }

  class << self
    # A fresh go. One that is only tried out takes the place of the one before, so that trying leaves nothing behind.
    def deal(edition, participant:, layer:)
      edition.activity.attempts.trials.destroy_all if participant.nil? && layer.nil?
      edition.activity.attempts.at_wall.where(layer: layer).update_all(away_at: Time.current) if layer && participant.nil?
      seed = SecureRandom.random_number(2**31)
      play = edition.play(seed)
      create!(edition: edition, participant: participant, layer: layer, seed: seed, state: play.state, size: play.cells.size, most: play.score.most).tap(&:tell)
    end
  end

  def play = @play ||= edition.play(seed, state)

  # What may be shown of it now. all, solved: as Usher::Activities::Seen takes them.
  def seen(**options) = Usher::Activities::Seen.new(play, late: late?, **options)

  # Takes one more move: a hash from a browser, with the client's own id for it (sent again it changes nothing).
  # ago: how many seconds it was on its way, where there was no network. Answers with the core's outcome, nil for a
  # move that is known. Raises Usher::Invalid.
  def move(given, id:, ago: nil)
    key = Usher::Invalid.about("The id of this move") { Usher::Types::Id.new.call(id) }
    outcome = with_lock { take(given, key, seconds - (ago.is_a?(Numeric) ? ago.clamp(0, seconds) : 0)) }
    tell
    outcome
  rescue Usher::Invalid, ActiveRecord::RecordNotUnique
    raise unless moves.exists?(client_id: key)
    reload && nil
  end

  # What other hands did is read; what it belongs to does not change, and is not asked for again.
  def reload(*)
    kept = %i[edition participant].select { |name| association(name).loaded? }.index_with { |name| association(name).target }
    @play = nil
    super.tap { kept.each { |name, target| association(name).target = target } }
  end

  # The go as it was after so many of its moves.
  def play_after(count) = edition.play(seed).tap { |play| moves.first(count).each { |move| play.take(move.data, move.ms / 1000.0) } }

  # [[number of the question, the wrong answer in words], ...]: all that was marked as wrong, in its order.
  def missteps
    kind, play = edition.kind_of, edition.play(seed)
    moves.flat_map do |move|
      before = play.answers
      play.take(move.data, move.ms / 1000.0)
      given = play.rules.live? ? (kind.accept(play.deal, before, move.data) unless move.data.key?("do")) : play.answers
      move.marked.to_h.filter_map { |cell, right| [ kind.question(play.deal, cell), kind.told(play.deal, given, cell) ] if !right && given }
    end
  end

  # Whether it is over, by its moves or because its time is.
  def over? = ended.present? || late?
  def late? = ended.nil? && limit.present? && seconds > limit

  # Seconds from the deal to the end, or to now.
  def seconds = ((finished_at || Time.current) - created_at).round

  # A go at the wall is part of the lesson's log.
  def note
    Event.note(activity.lesson, "play", { "title" => activity.title, "placed" => answered, "size" => size, "misses" => misses }) if layer
  end

  # Boards look again: at who is how far, or at the go that stands at the wall.
  def tell
    tell_of_seat if participant&.seat
    layer&.sitting&.wall_feed&.publish(play: { attempt: id })
    note
  end

  private

  # By its numbers alone: thirty devices make a move a second each.
  def tell_of_seat
    [ Lesson.board_feed(activity.lesson_id), Sitting.wall_feed(participant.seat.sitting_id) ].each { |feed| feed.publish(roll: true) }
  end

  def limit = edition.rules["seconds"]

  def take(given, key, at)
    outcome = play.take(given, at)
    Move.insert!({ attempt_id: id, number: play.moves, client_id: key, data: given, marked: outcome.marked, ms: (at * 1000).round })
    update_columns(updated_at: Time.current, state: play.state, answered: play.answered, misses: play.misses, points: remarks.load.any? ? worth.values.sum.round(2) : play.score.points, ended: play.ended, finished_at: (Time.current if play.ended?))
    outcome
  end
end
