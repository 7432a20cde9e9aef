# Ends sign-ins: one, or all but this one.
class Accounts::SignInsController < ApplicationController
  for_teachers

  def destroy
    teacher.sign_ins.find(params[:id]).destroy
    Entry.note("ended", who: teacher, request: request)
    redirect_to teacher_after ? account_path : new_session_path, notice: "Signed out there."
  end

  def clear
    teacher.sign_ins.where.not(id: passes.sign_in.id).destroy_all
    Entry.note("ended", who: teacher, about: "everywhere else", request: request)
    redirect_to account_path, notice: "Signed out everywhere else."
  end

  private

  def teacher_after = SignIn.exists?(passes.sign_in.id)
end
