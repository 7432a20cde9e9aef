class PollsController < ApplicationController
  for_teachers
  layout false

  before_action { @poll = access.polls.find(params[:id]) }

  def show = nil

  def update
    @poll.reveal(params[:revealed] == "1") if params.key?(:revealed)
    @poll.close if params[:closed] == "1"
    respond_to do |format|
      format.json { head :no_content }
      format.html { render :show }
    end
  end
end
