# Every word on a page, kept where a search finds it: not with each operation, which would put the whole page there
# again and again while a class writes on it, but when somebody searches, or soon (IndexWordsJob).
module Page::Words
  extend ActiveSupport::Concern

  included do
    scope :unindexed, -> { where(indexed: false) }
    after_destroy { Search.forget_page(self) }
  end

  class_methods do
    # Those of these pages that the index does not have as they are, each as it stands at that moment.
    def index_words = unindexed.ids.each { |number| transaction { unindexed.find_by(id: number)&.index_words } }
  end

  def index_words
    Search.index_page(self, [ *items.where("words != ''").pluck(:words), picture&.words ].compact_blank.join("\n"))
    update_columns(indexed: true)
  end

  # Some of what stands on it, to know it again by.
  def glimpse = items.where("words != ''").limit(3).pluck(:words).join(" ").squish.truncate(60)

  # What the paper says, line by line: [[left, top, width, height, words], ...] in page units.
  def paper_lines
    return [] unless picture&.lines
    x, y, width, height = Usher::Page::Paper.of(style).place(picture.width, picture.height, size: size)
    picture.lines.map { |left, top, wide, high, words| [ x + left * width, y + top * height, wide * width, high * height, words ] }
  end

  private

  # Whether an operation touches anything that has words, or had.
  def words_among?(outcome)
    return true if outcome.style.key?("paper") || outcome.put.any? { |placed| placed.item.words != "" }
    keys = outcome.put.map(&:id) + outcome.gone
    keys.any? && Item.where(page_id: id, layer_id: prepared.id).where("words != ''").keyed(keys).exists?
  end
end
