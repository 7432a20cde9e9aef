# A still of a video: what it shows at this second becomes a picture.
class Assets::StillsController < Assets::BaseController
  include Heavy
  heavy only: :create
  AT = Usher::Types::Number.new(0..360_000)

  def create
    picture = asset.still(Usher::Invalid.about("The moment") { AT.call(params[:at]) }, by: teacher)
    render json: picture.slice(:id, :width, :height, :name)
  end
end
