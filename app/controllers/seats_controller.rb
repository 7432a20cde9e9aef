# Coming in: a code and a name, no account. And the device's own page.
class SeatsController < ApplicationController
  include FramesHosts
  for_students only: :show
  frames_hosts_of(only: :show) { seat.sitting.lesson.teacher }
  layout "plain"

  # A school shares one address: a whole class comes in within a minute, some of it twice.
  rate_limit to: 600, within: 1.minute, only: :create, by: -> { [ request.remote_ip, params[:code].to_s.first(10) ].join(":") }, name: "one code", store: Live::Counts.store,
    with: -> { redirect_to join_path, alert: "Too many tries with this code. Wait a minute." }

  def new
    @typed = Usher::Classroom::Code.read(params[:code])&.then { |code| Usher::Classroom::Code.show(code) }
    @sitting = Sitting.behind(params[:code])
    return redirect_to(seat_path) if seat && seat.sitting == @sitting
    WrongCodes.count(request.remote_ip) if params[:code] && !@sitting
    @shut_out = WrongCodes.too_many?(request.remote_ip)
  end

  def create
    return refuse_code("Too many wrong codes from here. Wait a minute, then look at the board again.") if WrongCodes.too_many?(request.remote_ip)
    sitting = Sitting.behind(params[:code])
    unless sitting
      WrongCodes.count(request.remote_ip)
      return refuse_code("No lesson is open with that code. Look at the board again.")
    end
    return refuse_code("Your teacher has sent you out of this lesson.") if seat&.sitting == sitting && seat.out
    return refuse_code("The doors are locked just now. Ask your teacher.") if sitting.locked?
    taken = params[:own].present? ? seat_by_own_code(sitting) : sitting.seat_for(params[:name])
    passes.seat_in(taken) if taken
    redirect_to seat_path unless performed?
  end

  def show
    @sitting = seat.sitting
    return render(:waiting) if seat.waiting? && @sitting.open? && seat.code == @sitting.code
    @access = student_access
    @showing = @access.showing or return render(:shut)
    @mark = @sitting.device_feed.mark
    render layout: "device"
  end

  def destroy
    passes.leave_seat
    redirect_to join_path, notice: "You have left the lesson."
  end

  private

  # Somebody of the class, by a code of their own. Guessing it is slowed like guessing the lesson's.
  def seat_by_own_code(sitting)
    student = sitting.school_class&.students&.find_by(code: Usher::Classroom::Code.read_personal(params[:own]) || "")
    return sitting.seat_of(student) if student && [ "", student.id.to_s ].include?(params[:student].to_s)
    WrongCodes.count(request.remote_ip)
    refuse_code("That is not the code of this name. Look at your card again.")
    nil
  end

  def refuse_code(sentence)
    @sitting ||= Sitting.behind(params[:code])
    @typed, @name = params[:code].to_s.first(40), params[:name].to_s.first(200)
    flash.now[:alert] = sentence
    render :new, status: :unprocessable_entity
  end

  # A name that does not do is said on the form, with what was typed still in it.
  rescue_from ActiveRecord::RecordInvalid do |error|
    @sitting = Sitting.behind(params[:code])
    refuse_code(error.record.errors.map(&:message).join(" "))
  end
  rescue_from(Usher::Invalid) { |error| refuse_code(error.message) }
end
