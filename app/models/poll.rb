# A question to the class about the page as it stands. What kind it is, what it wants to know and how it counts is the
# core's (Usher::Polls).
class Poll < ApplicationRecord
  include Answering, Bounded, Meant, OnPage, Telling

  attribute :settings, PlainJson.new
  attribute :answered, PlainJson.new

  at_most 1_000, per: :sitting_id, words: "A thousand questions were asked in this lesson. Begin it anew."

  belongs_to :page
  belongs_to :before, class_name: "Poll", optional: true
  has_many :answers, dependent: :destroy

  normalizes :question, with: PlainName.method(:of)
  validates :question, length: { maximum: 200, message: "A question has at most 200 characters here." }

  scope :asking, -> { where(closed_at: nil) }

  class << self
    # Asks the class, or some seats of it (ids); a question still standing is closed first. given: what the kind wants to
    # know, as a form has it. Raises Usher::Invalid.
    def ask(sitting, kind, given = {}, question: "", anonymous: false, seats: nil)
      settings = Usher::Polls.registry.fetch(kind).read({ **given, "size" => sitting.page.size })
      put(sitting, kind: kind, settings: settings, question: question, anonymous: anonymous, seats: (meant_for(sitting, seats) if seats))
    end

    # The same question once more, on the page that is looked at now.
    def again(poll) = put(poll.sitting, kind: poll.kind, settings: poll.settings, question: poll.question, anonymous: poll.anonymous, seats: poll.seats, before: poll)

    private

    def put(sitting, **facts)
      transaction do
        sitting.polls.asking.each(&:close)
        create!(sitting: sitting, page: sitting.page, **facts).tap(&:tell_devices).tap(&:tell_boards).tap(&:note)
      end
    rescue ActiveRecord::RecordInvalid => error
      raise Usher::Invalid, error.record.errors.map(&:message).join(" ")
    end
  end

  # What the core knows of it.
  def core = Usher::Polls.of(kind, settings)

  # What it is called where a line has to do.
  def title = question.presence || core.class.title
  def closed? = closed_at.present?

  # Whether the class's answers are shown, on the wall too.
  def reveal(shown)
    update!(revealed: shown)
    Poll::Redrawing.soon(self)
    tell_boards
    note
  end

  def close
    update!(closed_at: Time.current)
    tell_devices
    tell_boards
    note
  end

  # The answers as a page of the lesson, behind the one they are about; a drawing or a spot over what was there.
  def make_page
    raise Usher::Invalid, "Nobody has answered yet." if answers.none?
    items = Usher::Polls::Sheet.new(core, values, title: title, size: page.size).items { SecureRandom.alphanumeric(20) }
    behind = page.lesson.pages.include?(page) ? page : page.lesson.pages.last
    page.lesson.add_page(after: behind, items: items)
  end

  # Of words that grow: the teacher joins one to another, or lets one stand alone. Words as they are shown.
  def join_words(one, other)
    from, to = [ one, other ].map { |word| word_key(word) }
    raise Usher::Invalid, "Choose two words." if from == to
    change_words("joined" => settings.fetch("joined", {}).merge(from => to), "split" => settings.fetch("split", []) - [ from ])
  end

  def split_word(word)
    merging = Usher::Polls::Merging.new(values.flatten, joined: settings["joined"] || {}, split: settings["split"] || [])
    keys = merging.grouped.find { |_, words| words.include?(word) }.to_a.last.to_a.map { |one| Usher::Polls::Merging.key(one) }.uniq
    change_words("joined" => settings.fetch("joined", {}).except(*keys), "split" => (settings.fetch("split", []) | keys).last(500))
  end

  private

  def word_key(word)
    raise Usher::Invalid, "These are no words that grow." unless kind == "words"
    values.flatten.find { |one| one == word }&.then { |one| Usher::Polls::Merging.key(one) } or raise Usher::Invalid, "That word is not there any more."
  end

  def change_words(set)
    raise Usher::Invalid, "These are no words that grow." unless kind == "words"
    update!(settings: settings.merge(set))
    Poll::Redrawing.soon(self)
    tell_boards
  end
end
