# The signed cookies by which a browser is known: a teacher who signed in, a student in a seat.
class Passes
  def initialize(cookies)
    @cookies = cookies
  end

  def teacher = sign_in&.teacher
  def sign_in = @sign_in ||= (token = @cookies.signed[:teacher]) && SignIn.behind(token)

  def seat = (token = @cookies.signed[:seat]) && Seat.behind(token)

  # request: of the browser that comes in.
  def admit(teacher, request) = write(:teacher, SignIn.start(teacher, request), SignIn::LONGEST)
  def seat_in(seat) = write(:seat, seat.token, 1.day)

  def sign_out
    sign_in&.destroy
    @cookies.delete(:teacher)
  end

  def leave_seat = @cookies.delete(:seat)

  private

  def write(name, value, span) = @cookies.signed[name] = { value: value, expires: span, httponly: true, same_site: :lax }
end
