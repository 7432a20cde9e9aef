# Shows and keeps the form of an activity, within the board's sheet.
module ActivityContent
  extend ActiveSupport::Concern

  included do
    layout false
    before_action :to_board, if: -> { request.get? && request.format.html? && !htmx? }
  end

  private

  # An address of the sheet that was opened by itself.
  def to_board = redirect_to(params[:lesson_id] ? lesson_path(params[:lesson_id]) : root_path)

  def keep(activity)
    @form = Activity::Form.new(activity, params)
    return redirect_to activity_look_path(activity), status: :see_other if @form.keep
    response.headers["X-Usher-Form"] = "1" # the form itself comes back
    render(activity.new_record? ? :new : :edit, status: :unprocessable_entity)
  end
end
