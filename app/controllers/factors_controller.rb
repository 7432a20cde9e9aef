# The second step of signing in, for who has a second factor.
class FactorsController < ApplicationController
  include SignsIn
  layout "plain"
  before_action :find
  rate_limit to: 10, within: 5.minutes, only: :create, by: -> { @teacher.id }, store: Live::Counts.store, with: -> { redirect_to new_session_path, alert: SessionsController::WAIT }

  def new; end

  def create
    if @teacher.factor_passes?(params[:code].to_s.first(40))
      session.delete(:half)
      come_in_as @teacher
    else
      Entry.note("went_wrong", who: @teacher, request: request)
      flash.now[:alert] = "That code is not right, or was used already. Wait for the next one."
      render :new, status: :unprocessable_entity
    end
  end

  private

  def find
    @teacher = Teacher.find_by_token_for(:factor, session[:half].to_s) or redirect_to(new_session_path, alert: "That took too long. Sign in again.")
  end
end
