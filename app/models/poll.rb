# A question about the page as it stands, answered with a letter.
class Poll < ApplicationRecord
  include Bounded

  at_most 1_000, per: :sitting_id, words: "A thousand questions were asked in this lesson. Begin it anew."

  belongs_to :sitting
  belongs_to :page
  has_many :answers, dependent: :destroy

  scope :asking, -> { where(closed_at: nil) }

  validate { letters_of.choices }

  # Asks the class; a question still standing is closed first.
  def self.ask(sitting, count)
    transaction do
      sitting.polls.asking.each(&:close)
      create!(sitting: sitting, page: sitting.page, letters: count).tap(&:tell_devices).tap(&:tell_boards).tap(&:note)
    end
  end

  def choices = letters_of.choices
  def tally = Usher::Polls::Tally.new(choices, answers.pluck(:choice))
  def closed? = closed_at.present?

  # Whether the class's answers are shown, on the wall too.
  def reveal(shown)
    update!(revealed: shown)
    tell_boards
    note
  end

  def close
    update!(closed_at: Time.current)
    tell_devices
    tell_boards
    note
  end

  # What is to be seen of it on the wall becomes part of the lesson's log.
  def note = Event.note(sitting.lesson, "poll", closed? ? {} : seen, page: page)

  # Takes or changes a student's answer. Raises Usher::Invalid.
  def take_answer(seat, choice)
    raise Usher::Invalid, "The poll is closed. Your last answer is kept." if closed?
    choice = letters_of.accept(choice)
    answers.upsert({ seat_id: seat.id, choice: choice }, unique_by: %i[poll_id seat_id])
    seat.tell_board
  end

  def tell_devices
    ApplicationRecord.current_transaction.after_commit { sitting.device_feed.publish(poll: true) }
  end

  # Boards look at the roll again.
  def tell_boards
    ApplicationRecord.current_transaction.after_commit { sitting.tell_boards(roll: true) }
  end

  private

  def seen = { "choices" => choices, "revealed" => revealed?, **(revealed? ? { "counts" => tally.rows.to_h { |row| [ row.choice, row.count ] } } : {}) }

  def letters_of = Usher::Polls::Letters.new(letters)
end
