# An administrator lets somebody in, shares or takes back the office, or deletes an account.
class Schools::TeachersController < ApplicationController
  include ForAdministrators
  before_action { @other = Teacher.find(params[:id]) }

  def update
    case params[:to]
    when "let_in" then let_in
    when "administrator" then rights(true)
    when "teacher" then rights(false)
    else raise Usher::Invalid, "There is nothing of that kind to do."
    end
    redirect_to school_path, notice: "Done."
  end

  def destroy
    raise Usher::Invalid, "Your own account is deleted under Account." if @other == teacher
    Entry.note("sent_away", who: teacher, about: @other.name, request: request)
    @other.destroy!
    redirect_to school_path, notice: "The account of #{@other.name} and all that belonged to it are deleted."
  end

  private

  def let_in
    return if @other.let_in?
    @other.let_in
    Entry.note("let_in", who: teacher, about: @other.name, request: request)
    AccountMailer.let_in(@other).deliver_later
  end

  def rights(administrator)
    raise Usher::Invalid, "A school needs an administrator." if !administrator && @other.last_administrator?
    @other.update!(administrator: administrator)
    Entry.note(administrator ? "made_administrator" : "made_teacher", who: teacher, about: @other.name, request: request)
  end
end
