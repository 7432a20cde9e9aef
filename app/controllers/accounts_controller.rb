# A teacher's own account: name, address, password, where they are signed in, and leaving.
class AccountsController < ApplicationController
  include AsksPassword
  for_teachers
  asks_password only: :destroy

  def show
    @sign_ins = teacher.sign_ins.standing.order(seen_at: :desc)
    @here = passes.sign_in
  end

  def update
    teacher.update!(name: params.permit(teacher: [ :name ]).require(:teacher)[:name])
    redirect_to account_path, notice: "Kept."
  end

  def destroy
    raise Usher::Invalid, "Make somebody else an administrator first: a school needs one." if teacher.last_administrator?
    Entry.note("deleted", who: teacher, about: "their account", request: request)
    teacher.destroy!
    passes.sign_out
    redirect_to new_session_path, notice: "Your account and everything that belonged to it are deleted."
  end
end
