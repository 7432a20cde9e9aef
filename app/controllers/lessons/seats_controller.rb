# Forgets all who ever came into a lesson: names, answers and goes.
class Lessons::SeatsController < Lessons::BaseController
  layout false

  def clear
    Entry.note("deleted", who: teacher, about: "#{seats.count} students of #{lesson.title}", request: request)
    seats.find_each(&:forget)
    render "lessons/sittings/show", locals: { sitting: open_sitting, address: SchoolAddress.new(request).join }
  end

  private

  def seats = Seat.joins(:sitting).where(sittings: { lesson_id: lesson.id })
end
