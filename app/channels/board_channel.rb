# A teacher's board: follows what is done in the lesson, and sends ink while it is wet. A board in Teach names its
# sitting.
class BoardChannel < ApplicationCable::Channel
  def subscribed
    reach = Access.for(teacher: teacher)
    @lesson = reach.lessons.find_by(id: params[:lesson]) or return reject
    stream_from(Live::Ends.name_of(@lesson), coder: nil) { connection.finish } # it is another teacher's now
    return follow(@lesson.board_feed) unless params[:sitting]
    @sitting = reach.sittings.current.find_by(id: params[:sitting], lesson_id: @lesson.id) or return reject
    follow @sitting.wall_feed
    @sitting.hold
  end

  def unsubscribed
    @sitting&.let_go
    Live::Light.new({}).tell(@lesson) if @light&.to_h.present? # it goes out with the board that held it
  end

  def wet(data)
    accept do
      ink = Live::WetInk.new(data)
      layer = @sitting ? @sitting.layer : @lesson.prepared
      shares = stroke(ink).take(ink)
      Live::Group.all(@lesson).select { |group| group.follows?(layer.id, ink.page_id) }.each do |group|
        (group.viewer.audience.wings? ? [ ink.to_h ] : shares).each { |share| group.publish(wet: share) }
      end
    end
  end

  def light(data) = accept { (@light = Live::Light.new(data)).tell(@lesson, during(data)) }
  def media(data) = accept { Live::Media.new(data).tell(@lesson, during(data)) }
  def pointer(data) = accept { tell_devices(pointer: Live::Pointer.new(data).to_h) }

  # An activity was put away at the wall.
  def played(data) = accept { Event.note(@lesson, "play", {}, during: during(data)) }

  private

  def accept
    yield
  rescue Usher::Invalid => error
    transmit({ refused: error.message })
  end

  # The stroke that is being drawn, as those see it who do not see the wings.
  def stroke(ink)
    return @stroke if @stroke&.id == ink.id
    size = @lesson.all_pages.find_by(id: ink.page_id)&.size || Usher::Page::Style::DEFAULTS.values_at("width", "height")
    @stroke = Live::WetStroke.new(ink.id, size)
  end

  def tell_devices(**message)
    @lesson.open_sitting&.device_feed&.publish(**message)
    true
  end

  # The moment of the take that is being recorded, as the board says it.
  def during(data)
    take = data["take"] && Access.for(teacher: teacher).takes.find_by(id: data["take"], state: "recording") or return {}
    { take: take, ms: Usher::Types::Number.new(0..Take::LONGEST, digits: 0).call(data["ms"]) }
  end
end
