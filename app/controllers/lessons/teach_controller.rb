class Lessons::TeachController < Lessons::BaseController
  include FramesHosts
  frames_hosts_of { teacher }
  layout "board"

  def show
    @page = page_shown
  end
end
