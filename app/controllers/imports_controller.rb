# Pages of a PDF or slides on their way into a lesson: how far, and never mind.
class ImportsController < ApplicationController
  for_teachers

  def show = render(json: import.status)

  def destroy
    import.cancel
    render json: import.status
  end

  private

  def import = @import ||= access.imports.find(params[:id])
end
