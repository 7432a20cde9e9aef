# The feeds that boards in Teach, and devices, follow.
module Sitting::Feeds
  extend ActiveSupport::Concern

  SHUT = %("shut":true}).freeze # how a message ends by which devices know that the doors are shut

  included { after_commit { Live::Followers.forget(lesson_id) } }

  class_methods do
    def wall_feed(id) = Live::Feed["sitting:#{id}:wall"]
  end

  def wall_feed = self.class.wall_feed(id)
  def device_feed = Live::Feed["sitting:#{id}:devices"]

  def tell_boards(**message) = [ Lesson.board_feed(lesson_id), wall_feed ].each { |feed| feed.publish(**message) }
  def tell_devices(**message) = (device_feed.publish(**message) if open?)
end
