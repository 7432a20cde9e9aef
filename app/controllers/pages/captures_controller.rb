# A part of a page as a picture.
class Pages::CapturesController < Pages::BaseController
  include Heavy
  heavy only: :create
  BOX = Usher::Types::List.new(Usher::Types::Number.new(-20_000..20_000), 4..4)

  def create
    picture = page.capture(Usher::Invalid.about("The part to capture") { BOX.call(params[:box]) }, showing)
    teacher.assets.create!(kind: "picture", name: picture.name, content_type: picture.content_type, picture: picture) if params[:keep] == true
    render json: { **picture.slice(:id, :width, :height, :name) }
  end
end
