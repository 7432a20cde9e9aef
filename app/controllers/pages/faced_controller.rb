# The faces of a flash card, a die or a spinner, to be filled in: of a new one, or of one that lies on the page.
class Pages::FacedController < Pages::BaseController
  layout false

  before_action :page

  FIRST = { "flash_card" => [ {}, {} ], "die" => (1..6).map { |number| { "text" => number.to_s } }, "spinner" => %w[Ebb Flood Slack].map { |text| { "text" => text, "weight" => 1 } } }.freeze

  def new
    @kind = FIRST.key?(params[:kind]) ? params[:kind] : "flash_card"
    @faces = FIRST[@kind]
    render :form
  end

  # Where a new one comes to lie: beside what is there. Answers with the item, checked; nothing is kept yet.
  def create
    kind = Usher::Items.registry.fetch(FIRST.key?(params[:kind]) ? params[:kind] : raise(Usher::Invalid, "That is no flash card, die or spinner."))
    width, height = kind.laid.values_at(:width, :height)
    x, y = Usher::Page::Spot.new(showing.items.boxes, page.size).take(width, height, page.size.map { |side| side / 2.0 })
    item = Usher::Items.build("kind" => kind.kind, "id" => SecureRandom.alphanumeric(20), "x" => x - width / 2, "y" => y - height / 2, "width" => width, "height" => height, "faces" => faces)
    render json: { item: item.to_h }
  end

  def show
    item = showing.items.find_by!(key: params[:id].to_s, kind: FIRST.keys)
    @kind, @faces, @id = item.kind, item.data["faces"], item.key
    render :form
  end

  private

  def faces = params.permit(faces: %i[text picture weight])[:faces].to_a.map { |face| face.to_h.compact_blank.then { |known| known.merge({ "picture" => whole(known["picture"]), "weight" => whole(known["weight"]) }.compact) } }
  def whole(value) = value && (Integer(value, exception: false) || raise(Usher::Invalid, "That is not a number."))
end
