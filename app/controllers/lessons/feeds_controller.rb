# The messages a board missed, or 410 when it has to start afresh.
class Lessons::FeedsController < Lessons::BaseController
  include Missed

  def show = render_missed(params[:sitting] ? sitting.wall_feed : lesson.board_feed)
end
