# Shows and keeps the form of an activity, within the board's sheet.
module ActivityContent
  extend ActiveSupport::Concern

  included do
    layout false
    before_action :to_board, if: -> { request.get? && request.format.html? && !htmx? }
  end

  private

  # An address of the sheet that was opened by itself.
  def to_board
    return redirect_to(access.lessons.find(params[:lesson_id])) if params[:lesson_id]
    activity = params[:attempt_id] ? access.results.find(params[:attempt_id]).activity : access.activities.find(params[:activity_id] || params[:id])
    redirect_to activity.lesson
  end

  def keep(activity)
    @form = Activity::Form.new(activity, params)
    return redirect_to activity_look_path(activity), status: :see_other if @form.keep
    response.headers["X-Usher-Form"] = "1" # the form itself comes back
    render(activity.new_record? ? :new : :edit, status: :unprocessable_entity)
  end
end
