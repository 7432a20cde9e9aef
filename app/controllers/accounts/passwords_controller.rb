# Another password, for who knows the present one.
class Accounts::PasswordsController < ApplicationController
  include AsksPassword
  for_teachers
  asks_password :present

  # Ends every other sign-in; this one goes on.
  def update
    teacher.update!(password: params[:password].to_s)
    Entry.note("password", who: teacher, request: request)
    passes.admit(teacher, request)
    redirect_to account_path, notice: "Your password is changed. Everywhere else you are signed out."
  end
end
