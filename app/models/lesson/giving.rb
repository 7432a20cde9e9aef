# A lesson passes to another teacher as it is: with its pages, its past, its takes and what students left. Pictures and
# files it shows stay in the store room of whoever brought them in, and the other may use them.
module Lesson::Giving
  extend ActiveSupport::Concern

  included { has_one :handover, dependent: :destroy }

  # What its teacher may show in it.
  def pictures = Access.for(teacher: teacher).pictures
  def assets = Access.for(teacher: teacher).assets

  def give_to(other)
    transaction do
      sittings.current.each(&:close)
      other.hand(pictures: pictures.where(id: mentioned("picture")), assets: assets.where(id: mentioned("asset")))
      update!(teacher: other, folder: "")
    end
    Live::Ends.of(self)
  end

  private

  def mentioned(kind) = (@mentioned ||= Mentions.in(lessons: Lesson.where(id: id))).filter_map { |name, number| number if name == kind }
end
