# The messages a device missed, or 410 when it has to start afresh.
class Seats::FeedsController < Seats::BaseController
  include Missed

  def show = render_missed(sitting.device_feed, addresses: [ seat.address ], showing: student_access.showing)
end
