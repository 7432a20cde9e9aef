# A question that a teacher keeps, by subject and tags: content of a kind with one entry (see Usher::Activities::Bank).
class BankQuestion < ApplicationRecord
  MOST = 30 # that are drawn at once
  TAGS = 12

  attribute :content, StoredDocument.new(:activity)

  belongs_to :teacher

  normalizes :subject, with: PlainName.method(:of)
  normalizes :tags, with: ->(text) { text.to_s.split(/[,;]/).map { |tag| tag.squish.downcase }.reject(&:empty?).uniq.first(TAGS).join(", ") }
  validates :subject, length: { maximum: 60, message: "A subject has at most 60 characters." }
  validates :tags, length: { maximum: 200, message: "Those are too many tags." }
  validates :words, :kind, presence: true

  before_validation { self.digest ||= Digest::SHA256.hexdigest([ kind, content ].to_json) }

  # about: words that each stand in the subject, the tags or the question; none finds all.
  scope :about, lambda { |about|
    about.to_s.scan(/[[:alnum:]]+/).first(6).inject(all) do |found, word|
      found.where("bank_questions.subject LIKE :word OR bank_questions.tags LIKE :word OR bank_questions.words LIKE :word", word: "%#{sanitize_sql_like(word)}%")
    end
  }

  # What is chosen for it besides the question itself.
  def settings = content.except(Usher::Activities.registry.fetch(kind).listed)

  class << self
    # Keeps the questions of an activity. Answers with how many are new.
    def take_in(activity, subject:, tags:)
      questions = questions_of(activity.edition.kind_of, activity.kind)
      raise Usher::Invalid, "That kind has no questions one by one." if questions.empty?
      questions.count do |kind, words, content|
        create!(kind: kind, words: words.to_s.truncate(200), content: content, subject: subject.to_s, tags: tags.to_s)
      rescue ActiveRecord::RecordNotUnique
        false
      end
    end

    # So many at random, not those that are there already, as parts of a sheet: one for each kind and its settings. Raises
    # Usher::Invalid where there is none.
    def draw(count, except: [])
      found = where.not(id: except).ids.sample(count.clamp(1, MOST))
      raise Usher::Invalid, "There is no other question like that in your bank." if found.empty?
      where(id: found).order(:id).group_by { |question| [ question.kind, question.settings ] }.map do |(kind, _), questions|
        { kind: kind, content: Usher::Activities::Bank.join(kind, questions.map(&:content)), ids: questions.map(&:id) }
      end
    end

    # Every subject and tag, with how many questions.
    def topics = pluck(:subject, :tags).flat_map { |subject, tags| [ subject, *tags.split(", ") ] }.reject(&:empty?).tally.sort_by { |topic, count| [ -count, topic ] }

    private

    # [[kind, words, content], ...], also those of a sheet's parts.
    def questions_of(kind, name)
      return kind.content["parts"].zip(kind.parts).flat_map { |part, (_, inner)| questions_of(inner, part["kind"]) } if kind.is_a?(Usher::Activities::Kinds::Sheet)
      Usher::Activities::Bank.split(kind).map { |words, content| [ name, words, content ] }
    end
  end
end
