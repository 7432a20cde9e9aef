# A lesson is offered to a colleague, or that is taken back.
class Lessons::HandoversController < Lessons::BaseController
  MOST = 30 # letters an hour
  rate_limit to: MOST, within: 1.hour, by: -> { teacher.id }, only: :create, store: Live::Counts.store, with: -> { refuse("That is a lot of lessons at once. Go on in an hour.") }

  def create
    offered = Handover.offer(lesson, params[:address])
    Entry.note("handed", who: teacher, about: offered.address, request: request)
    redirect_to root_path, notice: "“#{lesson.title}” waits for #{offered.address}. It stays yours until they take it."
  end

  def destroy
    lesson.handover&.destroy!
    redirect_to root_path, notice: "“#{lesson.title}” stays with you.", status: :see_other
  end
end
