# How far a copy is.
class Assets::ProgressesController < Assets::BaseController
  def show = render(json: asset.slice(:state, :progress))
end
