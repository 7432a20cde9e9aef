# Another activity with the same content, to be changed: of the same kind, or of another that can hold it.
class Activities::CopiesController < ApplicationController
  for_teachers
  include ActivityContent

  before_action { @activity = access.activities.find(params[:activity_id]) }

  def new
    @kinds = [ @activity.kind, *@activity.recast.keys ].map { |name| [ name, Usher::Activities.registry.fetch(name) ] }
  end

  def create
    copy = @activity.copy_to(@activity.lesson, as: params[:kind].presence || @activity.kind)
    redirect_to edit_activity_path(copy), status: :see_other
  end
end
