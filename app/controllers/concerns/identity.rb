# Who asks, and through which door. Every controller says once for whom it is:
# `for_teachers`, `for_students`, or nothing when anybody may (then it uses only what a share or a
# code opens).
module Identity
  extend ActiveSupport::Concern

  included do
    before_action { Current.teacher, Current.seat = passes.teacher, passes.seat }
    before_action { passes.sign_in&.see }
    before_action { Current.during = during("take" => request.headers["X-Usher-Take"], "ms" => Integer(request.headers["X-Usher-Ms"], exception: false)) if request.headers["X-Usher-Take"] && teacher }
    helper_method :teacher, :seat
  end

  class_methods do
    def for_teachers(**options) = before_action(:require_teacher, **options)
    def for_students(**options) = before_action(:require_student, **options)
    def for_teachers_and_students(**options) = before_action(:require_anyone, **options)
  end

  private

  def teacher = Current.teacher
  def seat = Current.seat
  def passes = @passes ||= Passes.new(cookies)

  # What the teacher who asks may reach.
  def access = Access.for(teacher: teacher)

  # While a take is recorded a board says at which moment of it something is done: { "take" => id, "ms" =>
  # since it began }. Answers with what Page#perform and Event.note take of it.
  def during(sent)
    return {} unless sent["take"]
    take = access.takes.find_by(id: sent["take"], state: "recording") or return {}
    { take: take, ms: Usher::Types::Number.new(0..Take::LONGEST, digits: 0).call(sent["ms"]) }
  end

  # What the student who asks may reach.
  def student_access = Access.for(seat: seat)

  # Somebody may be both in one browser; then each door is tried in turn.
  # reach { |access| access.pictures.find_by(id: 3) }
  def reach
    [ access, student_access ].each { |one| found = yield(one) and return found }
    raise ActiveRecord::RecordNotFound
  end

  def require_teacher
    return if teacher
    request.format.html? && !htmx? ? redirect_to(new_session_path) : head(:unauthorized)
  end

  def require_student
    return if seat
    request.format.html? && !htmx? ? redirect_to(join_path) : head(:unauthorized)
  end

  def require_anyone
    head :unauthorized unless teacher || seat
  end

  def htmx? = request.headers["HX-Request"].present?
end
