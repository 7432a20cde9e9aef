# A lesson on paper: one sheet a page.
class LessonPrint
  def initialize(lesson)
    @lesson = lesson
  end

  # Bytes of the PDF, kept until the lesson changes.
  def pdf
    Rails.cache.fetch([ "pdf", @lesson.id, @lesson.updated_at.to_f ], expires_in: 1.hour) do
      Usher::Formats::Pdf::Writer.write(documents)
    end
  end

  private

  # Each page as a drawing that needs nothing around it: pictures are put into it, each read once.
  def documents
    pictures = Picture.addresses
    items = Item.where(page: @lesson.pages, on_devices: true).order(:z, :key).pluck(:page_id, Item::DEVICE_SVG).group_by(&:first)
    @lesson.pages.map do |page|
      Usher::Page::Drawing.document(page.style, items.fetch(page.id, []).map(&:last), veil: page.veil) { |address| pictures[address] }
    end
  end
end
