# Teach: a board of the sitting that the lesson is taught in (or of the one it names), at the page where that stands.
class Lessons::TeachController < Lessons::BaseController
  include FramesHosts
  frames_hosts_of { teacher }
  layout "board"

  def show
    @sitting = params[:sitting].present? ? sitting : Sitting.teach(lesson, page_shown)
    @page = @sitting.page
  end
end
