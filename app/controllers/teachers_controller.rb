class TeachersController < ApplicationController
  layout "plain"
  rate_limit to: 10, within: 10.minutes, only: :create, by: -> { request.remote_ip }, store: Live::Counts.store,
    with: -> { redirect_to new_teacher_path, alert: "Too many tries. Wait ten minutes, then try again." }

  before_action { @way = Teacher.none? ? "first" : School.current.sign_up }

  def new = @teacher = Teacher.new(email: invited)

  # Whether an address has an account is told to nobody but who reads its letters.
  def create
    @teacher = Teacher.new(**params.permit(teacher: %i[name email password]).fetch(:teacher), let_in_at: nil, **{ email: invited }.compact)
    return refuse("Accounts in this school are made by invitation. Ask your administrator.") if @way == "invitation" && !invited
    @teacher.valid?
    return render(:new, status: :unprocessable_entity) if @teacher.errors.any? { |error| error.type != :taken }
    taken?(@teacher) ? AccountMailer.taken(@teacher.email).deliver_later : ask(@teacher)
    teacher_now(@teacher) || redirect_to(new_session_path, notice: ASKED.fetch(@way))
  end

  # The link of a letter, which only whoever reads that address has.
  def at_the_door = find_waiting

  def come_in
    found = find_waiting or return
    found.let_in
    passes.admit(found, request)
    redirect_to root_path, notice: WELCOME
  end

  private

  WELCOME = "Welcome. Start with a new lesson, or a blank board.".freeze
  ASKED = { "approval" => "Thank you. Your administrator lets you in; a letter then tells you so.", "open" => "Thank you. Open the link in the letter that is on its way to you." }
    .merge("invitation" => "Thank you. You can sign in with that address.").freeze
  private_constant :WELCOME, :ASKED

  def find_waiting
    Teacher.find_by_token_for(:coming_in, params[:token].to_s) || (redirect_to(new_session_path, alert: "That link has run out. Ask for an account again.") && nil)
  end

  def invited = @invited ||= School.invited(params[:invitation])
  def taken?(teacher) = teacher.errors.any?

  def ask(teacher)
    teacher.let_in_at = Time.current if invited
    teacher.save!
    Entry.note("signed_up", who: teacher, request: request)
    return AccountMailer.coming_in(teacher).deliver_later if @way == "open"
    Teacher.administrators.each { |one| AccountMailer.waiting(teacher, one).deliver_later } unless teacher.let_in?
  rescue ActiveRecord::RecordNotUnique
    AccountMailer.taken(teacher.email).deliver_later
  end

  # Whoever is let in at once goes to the desk.
  def teacher_now(teacher)
    return unless teacher.persisted? && teacher.let_in?
    passes.admit(teacher, request)
    redirect_to root_path, notice: WELCOME
  end
end
