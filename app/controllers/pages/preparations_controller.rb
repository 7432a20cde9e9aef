# What a class did to a page becomes how it is prepared.
class Pages::PreparationsController < Pages::BaseController
  def update
    page.keep_as_is
    head :no_content
  end
end
