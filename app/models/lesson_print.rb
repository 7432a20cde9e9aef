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
    reader = Viewer.reader(@lesson)
    @lesson.pages.map { |page| page.showing(reader).document(pictures) }
  end
end
