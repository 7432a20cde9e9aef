# What a class did to a page becomes how it is prepared.
class Pages::PreparationsController < Pages::BaseController
  def update
    page.take_into_lesson(showing.viewer.layer, by: teacher, id: SecureRandom.alphanumeric(20)) unless showing.viewer.layer.prepared?
    head :no_content
  end
end
