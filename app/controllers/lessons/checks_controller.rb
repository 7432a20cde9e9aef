# Says what is missing or clashes in an activity while it is filled in; nothing is kept.
class Lessons::ChecksController < Lessons::BaseController
  def create
    kind = params[:kind].to_s.tap { |name| Usher::Activities.registry.fetch(name) }
    form = Activity::Form.new(lesson.activities.new(kind: kind), params)
    render json: { refused: form.check ? nil : form.refused.first }
  end
end
