# The page as it was prepared, for another go.
class Pages::ResetsController < Pages::BaseController
  include Recorded

  def create
    patch = page.reset(by: teacher, id: params[:id], during: during(params))
    said = { said: "The page is as you prepared it." } unless patch
    render json: JSON.generate({ patches: [ patch&.to_h ].compact, can: page.steps_open_to(teacher), **said.to_h })
  end
end
