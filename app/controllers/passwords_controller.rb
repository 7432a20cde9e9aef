# The way back in for whoever forgot the password: a link in a letter.
class PasswordsController < ApplicationController
  layout "plain"
  rate_limit to: 10, within: 10.minutes, only: %i[create update], by: -> { request.remote_ip }, store: Live::Counts.store,
    with: -> { redirect_to new_password_path, alert: "Too many tries. Wait ten minutes, then try again." }
  before_action :find, only: %i[edit update]

  def new; end

  # Says the same whether there is such an account or not.
  def create
    found = Teacher.find_by(email: params[:email].to_s.strip.downcase)
    AccountMailer.password(found).deliver_later if found
    redirect_to new_session_path, notice: "If that address has an account, a letter with a link is on its way to it."
  end

  def edit; end

  def update
    if @teacher.update(password: params[:password].to_s)
      Entry.note("reset", who: @teacher, request: request)
      redirect_to new_session_path, notice: "Your password is changed. Sign in with it."
    else
      render :edit, status: :unprocessable_entity
    end
  end

  private

  def find
    @teacher = Teacher.find_by_token_for(:password, params[:token].to_s) or redirect_to(new_password_path, alert: "That link has run out. Ask for another.")
  end
end
