# A lesson on paper, as it was prepared or with what a class wrote: one sheet a page, and behind it those of its activities, to be worked on with a pencil.
class LessonPrint
  def initialize(lesson, layer = lesson.prepared)
    @lesson, @layer = lesson, layer
  end

  # Bytes of the PDF, kept until the lesson changes. turn: what the making waits for (see Heavy).
  def pdf(turn: Once::NOW)
    key = [ "pdf", @lesson.id, @layer.id, @lesson.updated_at.to_f, editions ]
    Once.at_a_time(key.first(3)) { Rails.cache.fetch(key, expires_in: 1.hour) { turn.call { Usher::Formats::Pdf::Writer.write(documents) } } }
  end

  private

  # Each page as a drawing that needs nothing around it: pictures are put into it, each read once.
  def documents
    pictures = Picture.addresses
    reader = Viewer.reader(@layer)
    @lesson.pages.flat_map do |page|
      showing = page.showing(reader)
      activities = Activity.where(id: showing.items.open.reorder(nil).select(:activity_id)).order(:id)
      [ showing.document(pictures), *activities.flat_map { |activity| activity.paper(pictures: pictures) } ]
    end
  end

  # Which state of its activities is printed.
  def editions = Edition.where(activity: @lesson.activities).maximum(:id)
end
