# Where a thing is used, before it is taken out of the store room.
class Assets::UsesController < Assets::BaseController
  def show = render(json: { name: asset.name, uses: asset.uses_in_words })
end
