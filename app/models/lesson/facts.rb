# What a lesson is about, and what only its teacher reads.
module Lesson::Facts
  extend ActiveSupport::Concern

  LONGEST = 600 # minutes

  included do
    normalizes :title, :subject, :year, :folder, with: PlainName.method(:of)
    normalizes :curriculum, :notes, with: ->(text) { text.strip }
    validates :title, presence: { message: "A lesson needs a title." }, length: { maximum: 120, message: "A title has at most 120 characters." }
    validates :subject, :year, :folder, length: { maximum: 60, message: "A subject, a year or a folder has at most 60 characters." }
    validates :curriculum, length: { maximum: 1_000, message: "A curriculum statement has at most 1,000 characters." }
    validates :notes, length: { maximum: 10_000, message: "Notes have at most 10,000 characters." }
    validates :length, numericality: { only_integer: true, in: 1..LONGEST, message: "A lesson has 1 to #{LONGEST} minutes." }, allow_nil: true
    after_save :index_facts, if: -> { (saved_changes.keys & %w[title subject year folder curriculum notes]).any? }
    after_destroy { Search.forget_lesson(self) }
  end

  class_methods do
    # The folders in use, in alphabetical order, each with how many lessons lie in it.
    def folders = where.not(folder: "").group(:folder).count.sort_by { |name, _| name.downcase }
  end

  private

  def index_facts = Search.index_lesson(self)
end
