# What a teacher says of one question in a go: points that count instead of those it was marked with, a comment, or both.
class Remark < ApplicationRecord
  belongs_to :attempt

  normalizes :comment, with: ->(text) { text.squish }
  validates :comment, length: { maximum: 400, message: "A comment has at most 400 characters." }
  validates :points, numericality: { greater_than_or_equal_to: 0, less_than_or_equal_to: :most, allow_nil: true, message: ->(remark, _) { "Points go from 0 to #{remark.most}." } }

  def most = attempt.edition.rules.fetch("points")

  # Nothing said is no remark.
  def empty? = points.nil? && comment.blank?
end
