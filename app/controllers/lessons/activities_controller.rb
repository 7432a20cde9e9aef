# Making an activity: step one of three. Without a kind, what there is to choose from.
class Lessons::ActivitiesController < Lessons::BaseController
  include ActivityContent

  helper_method :lesson

  def new
    @proposals = Activity::Proposals.new(access.showing(page_shown, params[:sitting].presence&.to_s))
    return render :kinds unless params[:kind]
    @form = Activity::Form.new(fresh)
  end

  def create = keep(fresh)

  private

  # Raises Usher::Invalid for a kind there is none of.
  def fresh = @activity = lesson.activities.new(kind: params[:kind].to_s.tap { |kind| Usher::Activities.registry.fetch(kind) }, title: "")
end
