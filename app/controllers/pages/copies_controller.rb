class Pages::CopiesController < Pages::BaseController
  def create = render(json: { page: page.duplicate.id })
end
