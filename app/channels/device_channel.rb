# A student's device: follows the page the class looks at, and says where its student points and writes, as far as
# the teacher lets it.
class DeviceChannel < ApplicationCable::Channel
  MOST, SPAN = 20, 10 # answers that are taken in so many seconds

  def subscribed
    return reject unless seat&.let_in?
    follow seat.sitting.device_feed, to: [ seat.address ]
    seat.arrive
    @arrived = true
  end

  # Once the doors are shut there is nothing more to come: not from the next class either.
  def forward(frame)
    super
    return if Live::Feed.passing?(frame)
    @may = @held_at = nil # they are looked up anew
    @strokes&.forget
    return unless frame.end_with?(Sitting::SHUT)
    stop_all_streams
    connection.finish unless connection.teacher # who teaches in the same browser goes on
  end

  def unsubscribed
    return unless @arrived
    point({}) if @pointing
    seat.leave
  end

  # A stroke on a copy is seen by nobody else until it is done.
  def wet(data) = accept { strokes.tell(data, seat.sitting.layer) if may?("write") && held_at == data["page"] }

  # Whoever may not point any more only takes the pointer away.
  def pointer(data) = accept { may?("point") ? point(data) : (point({}) if @pointing) }

  # An answer to a question, which three hundred may send within two seconds: told back by its number and, where it was
  # kept, in words. What is the matter otherwise is for a request to say (Seats::AnswersController).
  def answer(data)
    number, poll, choice = data.values_at("number", "poll", "choice")
    transmit({ answered: { number: number, said: kept(poll, choice) }.compact }) if number.is_a?(Integer)
  end

  private

  # Words for it, or nil where it was not kept.
  def kept(number, choice)
    return unless may?("answer") && number.is_a?(Integer) && Array(choice).all?(String)
    poll = Access::Student.new(seat).poll(number)
    poll.kept if poll && !poll.anonymous? && room? && poll.take_answer(seat, choice)
  rescue Usher::Invalid
    nil
  end

  # Each is written down: whoever sends them without end may not keep the disk from others.
  def room?
    now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    @answers = @answers.to_a.select { |at| at > now - SPAN }
    @answers.size < MOST && @answers << now
  end

  def strokes = @strokes ||= Live::Strokes.new(seat.lesson)

  # The page the class looks at.
  def held_at = @held_at ||= seat.sitting.reload.page_id

  def point(data)
    pointer = Live::Pointer.new(data, seat: seat).to_h
    @pointing = pointer[:at].present?
    [ seat.sitting.wall_feed, seat.sitting.device_feed ].each { |feed| feed.publish(pointer: pointer) }
  end

  def may?(right) = (@may ||= seat.reload.tap { |fresh| fresh.sitting.reload }.allowed).may?(right)
end
