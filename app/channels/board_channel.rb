# A teacher's board: follows what is done in the lesson, and sends ink while it is wet. A board in Teach names its
# sitting; the teacher's own view only looks on, and does not hold it.
class BoardChannel < ApplicationCable::Channel
  periodically :tick, every: Sitting::Held::BEAT

  def subscribed
    reach = Access.for(teacher: teacher)
    @lesson = reach.lessons.find_by(id: params[:lesson]) or return reject
    stream_from(Live::Ends.name_of(@lesson), coder: nil) { connection.finish } # it is another teacher's now
    ready
    return follow(@lesson.board_feed) unless params[:sitting]
    @sitting = reach.sittings.current.find_by(id: params[:sitting], lesson_id: @lesson.id) or return reject
    follow @sitting.wall_feed
    @sitting.hold if (@holds = !params[:looks])
  end

  def unsubscribed
    @sitting&.let_go if @holds
    Live::Light.new({}).tell(@lesson, sitting) if @light&.to_h.present? # it goes out with the board that held it
  end

  def wet(data) = accept { strokes.tell(data, layer) }

  def light(data) = accept { (@light = Live::Light.new(data)).tell(@lesson, sitting, during(data)) }
  def media(data) = accept { Live::Media.new(data).tell(@lesson, sitting, during(data)) }
  def pointer(data) = accept { tell_devices(pointer: Live::Pointer.new(data).to_h) } # and whoever looks on

  # Where the take is that this board records; no ms while it pauses.
  def recording(data)
    accept { during({ "ms" => 0, **data.compact })[:take]&.then { |take| Live::Recording.tell(take, data["ms"]) } }
  end

  # An activity was put away at the wall.
  def played(data) = accept { Event.note(@lesson, "play", {}, during: during(data)) }

  private

  # Who follows is known before the first stroke.
  def ready = Live::Followers.of(@lesson.id)

  # The one this board is in; of a board in Prepare, that of the class that looks on.
  def sitting = @sitting ? @sitting.reload : @lesson.sitting

  # How long it is taught is kept as it goes, so that little is lost with the server.
  def tick = (@sitting.tick if @holds)

  def strokes = @strokes ||= Live::Strokes.new(@lesson)
  def layer = @layer ||= @sitting ? @sitting.layer : @lesson.prepared

  def forward(frame)
    super
    @strokes&.forget unless Live::Feed.passing?(frame)
  end

  def tell_devices(**message)
    sitting&.tell_devices(**message)
    @sitting&.wall_feed&.publish(**message)
    true
  end

  # The moment of the take that is being recorded, as the board says it.
  def during(data)
    take = data["take"] && Access.for(teacher: teacher).takes.find_by(id: data["take"], state: "recording") or return {}
    { take: take, ms: Usher::Types::Number.new(0..Take::LONGEST, digits: 0).call(data["ms"]) }
  end
end
