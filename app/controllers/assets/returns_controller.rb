# A thing that was taken out of the store room comes back.
class Assets::ReturnsController < Assets::BaseController
  def create
    asset.bring_back
    head :no_content
  end
end
