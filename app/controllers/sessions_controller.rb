class SessionsController < ApplicationController
  include SignsIn
  layout "plain"
  WAIT = "Too many tries. Wait three minutes, then try again.".freeze

  # One account is guessed at from many addresses, and from one address at many accounts; a school has one for all.
  { "one account" => [ 10, -> { params[:email].to_s.strip.downcase.first(200) } ], "one place" => [ 60, -> { request.remote_ip } ] }.each do |name, (most, by)|
    rate_limit to: most, within: 3.minutes, only: :create, by: by, name: name, store: Live::Counts.store, with: -> { redirect_to new_session_path, alert: WAIT }
  end

  def new = (redirect_to root_path if teacher)

  def create
    if (found = Teacher.authenticate_by(email: typed(:email), password: typed(:password)))
      sign_in found
    else
      Entry.note("went_wrong", who: typed(:email).first(80).presence || "somebody", request: request)
      flash.now[:alert] = "The address and the password do not go together."
      render :new, status: :unprocessable_entity
    end
  end

  def destroy
    Entry.note("went_out", who: teacher, request: request) if teacher
    passes.sign_out
    redirect_to new_session_path, notice: "You are signed out."
  end

  private

  # A form may hold a file where words are meant.
  def typed(name) = params[name].is_a?(String) ? params[name] : ""
end
