# What colleagues hand over to the teacher who asks: taken, or not.
class HandoversController < ApplicationController
  for_teachers
  before_action { @handover = access.handovers.find(params[:id]) }

  def update
    lesson, from = @handover.lesson, @handover.lesson.teacher
    @handover.take(teacher)
    Entry.note("took", who: teacher, about: from.name, request: request)
    redirect_to root_path, notice: "“#{lesson.title}” is yours now.", status: :see_other
  end

  def destroy
    @handover.destroy!
    redirect_to root_path, notice: "“#{@handover.lesson.title}” stays with #{@handover.lesson.teacher.name}.", status: :see_other
  end
end
