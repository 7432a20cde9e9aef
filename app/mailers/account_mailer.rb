# Letters about accounts. Plain text, with a link each and what to do if it was somebody else.
class AccountMailer < ApplicationMailer
  def password(teacher) = write(teacher, teacher.email, "A new password for Usher", token: teacher.generate_token_for(:password))
  def coming_in(teacher) = write(teacher, teacher.email, "Your account in Usher", token: teacher.generate_token_for(:coming_in))
  def moving(teacher, side) = write(teacher, side == "old" ? teacher.email : teacher.next_email, "Your new address in Usher", side: side, token: teacher.generate_token_for(:"address_#{side}"))
  def waiting(teacher, administrator) = write(teacher, administrator.email, "#{teacher.name} asks for an account in Usher")
  def let_in(teacher) = write(teacher, teacher.email, "Your account in Usher is open")
  def taken(email) = write(nil, email, "Somebody used your address in Usher")
  def handed(teacher, from) = write(teacher, teacher.email, "#{from.name} hands a lesson over to you", from: from)
  def invitation(email, from) = write(from, email, "Come to Usher", token: School.invitation(email))

  private

  def write(teacher, to, subject, **more)
    @teacher = teacher
    more.each { |name, value| instance_variable_set(:"@#{name}", value) }
    mail(to: to, subject: subject)
  end
end
