# A student's device: follows the page the class looks at.
class DeviceChannel < ApplicationCable::Channel
  def subscribed
    return reject unless seat&.let_in?
    follow seat.sitting.device_feed, to: [ seat.address ]
    seat.arrive
    @arrived = true
  end

  # Once the doors are shut there is nothing more to come: not from the next class either.
  def forward(frame)
    super
    return unless frame.end_with?(Sitting::SHUT)
    stop_all_streams
    connection.finish unless connection.teacher # who teaches in the same browser goes on
  end

  def unsubscribed
    seat.leave if @arrived
  end
end
