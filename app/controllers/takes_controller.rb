class TakesController < ApplicationController
  for_teachers

  def index = @takes = access.takes.newest.includes(:lesson)

  def show
    @take = access.takes.find(params[:id])
    @take.film if @take.ready? # one of an earlier release is cut now
    return render(partial: "takes/state", locals: { take: @take }) if htmx?
    render layout: "take"
  end

  def update
    take = access.takes.find(params[:id])
    take.update!(params.permit(take: [ :title ]).require(:take))
    redirect_to take, status: :see_other
  end

  def destroy
    access.takes.find(params[:id]).destroy!
    redirect_to takes_path, notice: "The take is deleted.", status: :see_other
  end
end
