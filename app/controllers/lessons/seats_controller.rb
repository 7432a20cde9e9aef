# Sends one student out, or forgets all who ever came into a lesson: names, answers and goes.
class Lessons::SeatsController < Lessons::BaseController
  layout false

  def destroy
    seats.find(params[:id]).tap { |seat| note(seat.name) }.forget
    @roll = Roll.new(lesson.open_sitting || lesson.sitting || raise(ActiveRecord::RecordNotFound))
    render "lessons/rolls/list"
  end

  def clear
    note("#{seats.count} students of #{lesson.title}")
    seats.find_each(&:forget)
    render "lessons/sittings/show", locals: { sitting: lesson.open_sitting, address: SchoolAddress.new(request).join }
  end

  private

  def seats = Seat.joins(:sitting).where(sittings: { lesson_id: lesson.id })
  def note(about) = Entry.note("deleted", who: teacher, about: about, request: request)
end
