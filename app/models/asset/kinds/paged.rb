# Its pages come into a lesson (see Import); as a thing on a page it is a file to open. A kind says WORDS:
# of the sheet's title, what its pages are called, what is said of them there, and where they end; and reads
# its pages with `source`.
class Asset::Kinds::Paged < Asset::Kinds::File
  def facts = ActionController::Base.helpers.pluralize(count, self.class::WORDS[:unit])

  # How many pages there are.
  def count = @asset.facts["pages"]

  # What a teacher is asked: which of them?
  def offer = { asset: @asset.id, title: self.class::WORDS[:title], words: "“#{@asset.name}” has #{facts}.", ask: "Which #{self.class::WORDS[:unit]}s?", hint: self.class::WORDS[:hint] }

  def range_words = format(self.class::WORDS[:range], count)

  # What reads the file at `path` for an import: `page(number)`.
  def source(path) = raise(NotImplementedError)
end
