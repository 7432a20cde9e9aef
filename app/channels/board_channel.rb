# A teacher's board: follows all changes of the lesson, and sends ink while it is wet.
class BoardChannel < ApplicationCable::Channel
  def subscribed
    @lesson = Access.for(teacher: teacher).lessons.find_by(id: params[:lesson]) or return reject
    follow @lesson.board_feed
  end

  def wet(data)
    ink = Live::WetInk.new(data)
    page_id = Sitting.open.where(lesson_id: @lesson.id).pick(:page_id)
    @lesson.board_feed.publish(wet: ink.to_h)
    @lesson.device_feed.publish(wet: ink.to_h) if page_id == ink.page_id
  rescue Usher::Invalid => error
    transmit({ refused: error.message })
  end

  def light(data)
    @lesson.device_feed.publish(light: Live::Light.new(data).to_h)
  rescue Usher::Invalid => error
    transmit({ refused: error.message })
  end

  def media(data)
    Live::Media.new(data).tell(@lesson)
  rescue Usher::Invalid => error
    transmit({ refused: error.message })
  end

  def pointer(data)
    @lesson.device_feed.publish(pointer: Live::Pointer.new(data).to_h)
  rescue Usher::Invalid => error
    transmit({ refused: error.message })
  end
end
