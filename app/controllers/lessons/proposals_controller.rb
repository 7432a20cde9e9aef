# A form filled in from what lies on the page. Pictures may be made for it, so it is asked for by POST.
class Lessons::ProposalsController < Lessons::BaseController
  layout false

  helper_method :lesson

  def create
    kind = params[:kind].to_s.tap { |name| Usher::Activities.registry.fetch(name) }
    filled = Activity::Proposals.new(access.showing(page_shown, params[:sitting].presence&.to_s)).fill(kind, params[:from].to_s)
    @activity = lesson.activities.new(kind: kind, title: "")
    @form = Activity::Form.new(@activity, filled)
    render "lessons/activities/new"
  end
end
