class Lessons::TeachController < Lessons::BaseController
  layout "board"

  def show
    @page = page_shown
  end
end
