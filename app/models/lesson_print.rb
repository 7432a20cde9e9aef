# A lesson on paper: one sheet a page.
class LessonPrint
  def initialize(lesson)
    @lesson = lesson
  end

  # Bytes of the PDF, kept until the lesson changes.
  def pdf
    Rails.cache.fetch([ "pdf", @lesson.id, @lesson.updated_at.to_f ], expires_in: 1.hour) do
      Usher::Formats::Pdf::Writer.write(@lesson.pages.map(&:document))
    end
  end
end
