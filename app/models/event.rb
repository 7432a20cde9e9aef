# What happened in a lesson without changing a page: a poll was asked, an activity opened, a sound played, a page
# added. Part of its log, beside the operations; a take shows it.
class Event < ApplicationRecord
  KINDS = %w[poll play media light order tools].freeze

  attribute :data, PlainJson.new

  belongs_to :lesson
  belongs_to :page, optional: true
  belongs_to :take, optional: true

  validates :kind, inclusion: { in: KINDS }

  # data: what there is of it to see from now on, { } for nothing any more. The moment of the take that is being
  # recorded comes with the request (Current.during), or with what a board said.
  def self.note(lesson, kind, data, page: nil, during: Current.during)
    create!(lesson: lesson, page: page, kind: kind, data: data, actor: lesson.teacher.actor, take: during[:take], take_ms: during[:ms])
  end
end
