# A page on which what a student did may still arrive.
module SeatPages
  extend ActiveSupport::Concern

  included { before_action :page } # whether it is one comes before what was sent

  private

  def page = @page ||= student_access.pages_been.find(params[:page_id])
  def steps = page.steps_open_to(seat, seat.viewer.layer)
end
