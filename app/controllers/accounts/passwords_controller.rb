class Accounts::PasswordsController < ApplicationController
  for_teachers

  # Ends every other sign-in; this one goes on.
  def update
    raise Usher::Invalid, "Your present password is not that one." unless teacher.authenticate(params[:present].to_s)
    teacher.update!(password: params[:password].to_s)
    Entry.note("password", who: teacher, request: request)
    passes.admit(teacher, request)
    redirect_to account_path, notice: "Your password is changed. Everywhere else you are signed out."
  end
end
