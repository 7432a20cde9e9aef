# What left the store room long ago goes for good, unless a page may still show it, or show it again:
# by undo, in a take, out of a set or a clipping; or an activity, or a question of the bank.
module Asset::Forgetting
  extend ActiveSupport::Concern

  MENTIONS = /"(asset|picture|sound)":(\d+)/
  NAMES = { "sound" => "asset" }.freeze # what an activity calls otherwise

  included { scope :long_away, -> { where(away_at: ...Binnable::KEPT_FOR.ago) } }

  class_methods do
    def forget
      Teacher.where(id: long_away.select(:teacher_id)).find_each do |teacher|
        mentioned = mentioned_by(teacher)
        teacher.assets.long_away.where.missing(:imports).find_each { |asset| asset.forget unless mentioned.intersect?(asset.mentions) }
      end
    end

    private

    # Every asset and picture that anything of this teacher names, read once for all of them: [["asset", 7], ...].
    def mentioned_by(teacher)
      pages = Page.where(lesson: teacher.lessons)
      texts = [ Operation.where(page: pages).select("payload || COALESCE(inverse, '') AS text, operations.id"), Item.where(page: pages).select("data AS text, items.id"),
        teacher.clippings.select("contents AS text, clippings.id"), teacher.assets.where.not(contents: nil).select("contents AS text, assets.id"), pages.select("measures AS text, pages.id"),
        Edition.joins(:activity).where(activities: { lesson_id: teacher.lessons.select(:id) }).select("editions.content AS text, editions.id"), teacher.bank_questions.select("content AS text, bank_questions.id") ]
      texts.each_with_object(Set.new) do |rows, found|
        rows.in_batches(of: 200) { |batch| batch.each { |row| row.text.scan(MENTIONS) { |name, number| found << [ NAMES.fetch(name, name), number.to_i ] } } }
      end
    end
  end

  # By what it may be named: itself, or the picture that shows it.
  def mentions = { "asset" => id, "picture" => picture_id }.compact.to_set

  def forget
    transaction do
      destroy!
      picture.destroy! if picture && picture.assets.none?
    end
  end
end
