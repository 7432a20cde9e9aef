# What left the store room long ago goes for good, unless a page may still show it, or show it again:
# by undo, in a take, out of a set or a clipping; or an activity, or a question of the bank.
module Asset::Forgetting
  extend ActiveSupport::Concern

  included { scope :long_away, -> { where(away_at: ...Binnable::KEPT_FOR.ago) } }

  class_methods do
    def forget
      Teacher.where(id: long_away.select(:teacher_id)).find_each do |teacher|
        mentioned = mentioned_by(teacher)
        teacher.assets.long_away.where.missing(:imports, :handed_files).find_each { |asset| asset.forget unless mentioned.intersect?(asset.mentions) }
      end
    end

    private

    def mentioned_by(teacher)
      Mentions.in(lessons: teacher.lessons, more: [ teacher.clippings.select("contents AS text, clippings.id"), teacher.assets.where.not(contents: nil).select("contents AS text, assets.id"),
        teacher.bank_questions.select("content AS text, bank_questions.id") ])
    end
  end

  # By what it may be named: itself, or the picture that shows it.
  def mentions = { "asset" => id, "picture" => picture_id }.compact.to_set

  def forget
    transaction do
      destroy!
      picture.destroy! if picture && picture.assets.none? && picture.handed_files.none?
    end
  end
end
