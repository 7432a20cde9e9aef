# Shows and keeps the form of an activity, within the board's sheet.
module ActivityContent
  extend ActiveSupport::Concern

  included { layout -> { false if htmx? } }

  private

  def keep(activity)
    @form = Activity::Form.new(activity, params)
    return redirect_to activity_look_path(activity), status: :see_other if @form.keep
    response.headers["X-Usher-Form"] = "1" # the form itself comes back
    render(activity.new_record? ? :new : :edit, status: :unprocessable_entity)
  end
end
