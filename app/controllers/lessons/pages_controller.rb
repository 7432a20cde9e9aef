class Lessons::PagesController < Lessons::BaseController
  def create
    page = lesson.add_page(after: page_shown)
    render json: { page: page.id }
  end
end
