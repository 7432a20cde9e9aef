# The signed cookies by which a browser is known: a teacher who signed in, a student in a seat.
class Passes
  def initialize(cookies)
    @cookies = cookies
  end

  # Signing out everywhere is changing the password, since its salt is part of the pass.
  def teacher
    id, salt = @cookies.signed[:teacher]
    found = Teacher.find_by(id: id) if id
    found if found && ActiveSupport::SecurityUtils.secure_compare(found.password_salt, salt.to_s)
  end

  def seat = (token = @cookies.signed[:seat]) && Seat.find_by(token: token)

  def admit(teacher) = write(:teacher, [ teacher.id, teacher.password_salt ], 30.days)
  def seat_in(seat) = write(:seat, seat.token, 1.day)
  def sign_out = @cookies.delete(:teacher)
  def leave_seat = @cookies.delete(:seat)

  private

  def write(name, value, span) = @cookies.signed[name] = { value: value, expires: span, httponly: true, same_site: :lax }
end
