class Schools::InvitationsController < ApplicationController
  include ForAdministrators

  def create
    email = params[:email].to_s.strip.downcase.first(200)
    raise Usher::Invalid, "That does not look like an email address." unless email.match?(Teacher::ADDRESS)
    AccountMailer.invitation(email, teacher).deliver_later
    Entry.note("invited", who: teacher, about: email, request: request)
    redirect_to school_path, notice: "A letter is on its way to #{email}."
  end
end
