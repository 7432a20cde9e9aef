# To the school's own accounts, and back from there.
class SchoolLoginsController < ApplicationController
  include SignsIn

  rate_limit to: 120, within: 3.minutes, by: -> { request.remote_ip }, store: Live::Counts.store, with: -> { redirect_to new_session_path, alert: SessionsController::WAIT }
  before_action { raise ActiveRecord::RecordNotFound unless School.accounts? }
  rescue_from(Usher::Invalid) { |error| redirect_to new_session_path, alert: error.message }

  def new
    address, session[:school_login] = SchoolLogin.current.start(back: school_login_url)
    redirect_to address, allow_other_host: true
  end

  def show
    person = SchoolLogin.current.finish(params.permit(:code, :state), session.delete(:school_login), back: school_login_url)
    found = Teacher.of_school(person) or raise Usher::Invalid, "Accounts in this school are made by invitation. Ask your administrator."
    sign_in found
  end
end
