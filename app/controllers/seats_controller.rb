# Coming in: a code and a name, no account. And the device's own page.
class SeatsController < ApplicationController
  include FramesHosts
  for_students only: :show
  frames_hosts_of(only: :show) { seat.sitting.lesson.teacher }
  layout "plain"

  # A school shares one address: a whole class comes in within a minute, some of it twice.
  rate_limit to: 90, within: 1.minute, only: :create, by: -> { [ request.remote_ip, params[:code].to_s.first(10) ].join(":") }, name: "one code", store: Live::Counts.store,
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
    return refuse_code("The doors are locked just now. Ask your teacher.") if sitting.locked?
    passes.seat_in(sitting.seat_for(PlainName.of(params[:name])))
    redirect_to seat_path
  end

  def show
    @sitting = seat.sitting
    @showing = student_access.showing or return render(:shut)
    @mark = @sitting.device_feed.mark
    render layout: "device"
  end

  def destroy
    passes.leave_seat
    redirect_to join_path, notice: "You have left the lesson."
  end

  private

  def refuse_code(sentence)
    @typed, @name = params[:code].to_s.first(40), params[:name].to_s.first(200)
    flash.now[:alert] = sentence
    render :new, status: :unprocessable_entity
  end

  # A name that does not do is said on the form, with what was typed still in it.
  rescue_from ActiveRecord::RecordInvalid do |error|
    @sitting = Sitting.behind(params[:code])
    refuse_code(error.record.errors.map(&:message).join(" "))
  end
end
