# What belongs to one sitting of the teacher who asks, going on or ended.
class Sittings::BaseController < ApplicationController
  for_teachers
  helper_method :sitting
  before_action :sitting # whose it is comes before what was sent

  private

  def sitting = @sitting ||= access.sittings.find(params[:sitting_id])
end
