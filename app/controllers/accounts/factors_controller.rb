# Switches the second factor on, with a code of the app, or off, with the password.
class Accounts::FactorsController < ApplicationController
  include AsksPassword
  for_teachers
  asks_password only: %i[create destroy]

  def create
    raise Usher::Invalid, "It is on already." if teacher.factor?
    teacher.begin_factor
    show
  end

  def update
    raise Usher::Invalid, "Begin with your password." if teacher.factor? || teacher.factor_secret.nil?
    @codes = teacher.confirm_factor(params[:code].to_s.first(20))
    flash.now[:alert] = "That code is not right. Look again, or wait for the next one." unless @codes
    Entry.note("factor", who: teacher, request: request) if @codes
    show
  end

  def destroy
    teacher.end_factor
    Entry.note("factor", who: teacher, request: request)
    redirect_to account_path, notice: "Your second factor is off."
  end

  private

  def show = render(:show, status: @codes || action_name == "create" ? :ok : :unprocessable_entity)
end
