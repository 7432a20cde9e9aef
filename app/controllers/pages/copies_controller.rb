class Pages::CopiesController < Pages::BaseController
  def create = render(json: { page: page.duplicate(ink: params[:ink] != "0").id })
end
