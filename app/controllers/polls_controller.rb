class PollsController < ApplicationController
  for_teachers
  layout false

  before_action { @poll = access.polls.find(params[:id]) }

  def show = nil

  # Shown or hidden, closed, words joined or split.
  def update
    @poll.reveal(params[:revealed] == "1") if params.key?(:revealed)
    @poll.join_words(params[:join].to_s, params[:to].to_s) if params[:join].present?
    @poll.split_word(params[:split].to_s) if params[:split].present?
    @poll.close if params[:closed] == "1"
    respond_to do |format|
      format.json { head :no_content }
      format.html { render :show }
    end
  end
end
