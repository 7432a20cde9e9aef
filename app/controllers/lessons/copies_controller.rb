class Lessons::CopiesController < Lessons::BaseController
  def create
    copy = lesson.duplicate
    redirect_to root_path, notice: "“#{copy.title}” is on your desk."
  end
end
