class SessionsController < ApplicationController
  layout "plain"
  rate_limit to: 10, within: 3.minutes, only: :create, by: -> { request.remote_ip },
    with: -> { redirect_to new_session_path, alert: "Too many tries. Wait three minutes, then try again." }

  def new = (redirect_to root_path if teacher)

  def create
    if (found = Teacher.authenticate_by(params.permit(:email, :password).to_h.with_defaults(email: "", password: "")))
      passes.admit(found)
      redirect_to root_path
    else
      flash.now[:alert] = "The address and the password do not go together."
      render :new, status: :unprocessable_entity
    end
  end

  def destroy
    passes.sign_out
    redirect_to new_session_path, notice: "You are signed out."
  end
end
