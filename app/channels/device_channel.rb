# A student's device: follows the page the class looks at.
class DeviceChannel < ApplicationCable::Channel
  def subscribed
    return reject unless seat&.sitting&.open?
    follow seat.sitting.device_feed, to: [ "seat:#{seat.id}" ]
    seat.arrive
    @arrived = true
  end

  def unsubscribed
    seat.leave if @arrived
  end
end
