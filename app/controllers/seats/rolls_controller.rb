# A flash card turned over, a die rolled, a spinner spun on one device, for it alone: nothing is kept.
class Seats::RollsController < Seats::BaseController
  def create
    row = student_access.rollable(params[:item].to_s) or raise ActiveRecord::RecordNotFound
    placed = row.placed
    seed = Usher::Classroom::Chance.seed(SecureRandom)
    # A card that this device has turned over already goes back.
    rolled = placed.item.change(params[:turned] == "true" && row.kind == "flash_card" ? {} : placed.item.rolled(Usher::Classroom::Chance.new(seed, 0), seed))
    render json: { id: row.key, z: row.z, svg: Usher::Page::Drawing.item(Usher::Page::Placed.new(rolled, row.z), row.seq) }
  end
end
