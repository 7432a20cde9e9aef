# Marking a go by hand, where it is not enough or not wanted that it marks itself.
module Attempt::Marking
  extend ActiveSupport::Concern

  included { has_many :remarks, -> { order(:question) }, dependent: :delete_all, inverse_of: :attempt }

  # given: { number of a question => { "points" => text or number, "comment" => text } }. What is left empty is as it
  # was marked. Raises Usher::Invalid or ActiveRecord::RecordInvalid, and then nothing is kept.
  def remark(given)
    transaction do
      given.each { |number, said| remark_on(Integer(number.to_s, 10, exception: false), said) }
      update!(points: worth.values.sum.round(2))
    end
    tell
  end

  # { question => its points }, by hand where that was done.
  def worth = play.score.questions.merge(remarks.reload.filter_map { |remark| [ remark.question, remark.points ] if remark.points }.to_h)

  private

  def remark_on(number, said)
    raise Usher::Invalid, "There is no such question in this activity." unless number && number.between?(0, edition.kind_of.questions.size - 1)
    raise Usher::Invalid, "A remark must come as points and a comment." unless said.respond_to?(:key?)
    remark = remarks.find_or_initialize_by(question: number)
    remark.assign_attributes(points: points_from(said["points"]), comment: said["comment"].to_s)
    remark.empty? ? remark.destroy : remark.save!
  end

  def points_from(given)
    return if given.to_s.strip.empty?
    Float(given.to_s.tr(",", "."), exception: false) or raise Usher::Invalid, "Points must be a number."
  end
end
