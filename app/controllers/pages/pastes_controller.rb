# A clipping comes onto a page, also of another lesson.
class Pages::PastesController < Pages::BaseController
  BY = Usher::Types::List.new(Usher::Types::Number.new(-5_000..5_000), 2..2)

  before_action :page

  def create
    clipping = teacher.clippings.find_by(key: params[:clipping].to_s) or raise Usher::Invalid, "What you copied is no longer kept. Copy it again."
    patch = clipping.paste_on(page, id: params[:id], by: teacher, shift: BY.call(params[:by] || [ 30, 30 ]), **circumstances(params))
    render json: JSON.generate({ patches: [ patch.for(showing.viewer) ], can: steps })
  end
end
