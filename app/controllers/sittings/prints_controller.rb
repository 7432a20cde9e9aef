# The lesson with what a class wrote, on paper.
class Sittings::PrintsController < Sittings::BaseController
  include Heavy

  def show
    pdf = LessonPrint.new(sitting.lesson, sitting.layer).pdf(turn: method(:wait_apart))
    send_data pdf, type: "application/pdf", disposition: :inline, filename: "#{"#{sitting.lesson.title} #{sitting.name}".parameterize.presence || 'lesson'}.pdf"
  end
end
