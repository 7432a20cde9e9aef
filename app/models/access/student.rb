# A student in a seat: what the open lesson shows, and their own answers. Nothing that lies in the
# wings or on a page that is not shown, and nothing once the doors are shut.
class Access::Student < Access::Nobody
  attr_reader :seat

  def participant = Participant.of(@seat)
  def initialize(seat)
    @seat = seat
  end

  def sittings = Sitting.open.where(id: @seat.sitting_id, code: @seat.code)
  def pages = Page.kept.where(id: sittings.select(:page_id))
  # Those on the page, what was begun, and what was sent here.
  def activities
    Activity.where(id: shown.open.select(:activity_id)).or(Activity.where(id: attempts.joins(:edition).select("editions.activity_id"))).or(Activity.where(id: Sending.to(seat).map(&:activity_id)))
  end

  # What a player, of which any is under a cover, would play, is not among them.
  def assets = Asset.where(id: shown.open.or(shown.where.not(kind: %w[sound video])).select(:asset_id))
  def attempts = @seat.attempts.where(edition: Edition.where(activity: Activity.where(lesson_id: sittings.select(:lesson_id))))
  def polls = Poll.where(sitting: sittings)
  def spoken(page, item, _sitting = nil) = (shown.find_by(key: item)&.placed&.item&.redacted&.aloud if pages.exists?(id: page))
  def framed(address) = shown.open.where(kind: "framed").any? { |item| item.data["address"] == address } ? address : nil

  # One that a drawing on the device names: a covered one by its blank parts, and then not the whole.
  def picture(address)
    number, = Usher::Veil.read(address) || return
    return unless showing
    drawn = shown.where(picture_id: number).pluck(Item::VEILED) + [ showing.ground ]
    Picture.find_by(id: number) if drawn.any? { |svg| svg.include?(%(href="#{address}")) }
  end

  # The page the class looks at, as devices get it; nil where there is none.
  def showing = @showing ||= sittings.first&.then { |sitting| Page.kept.find_by(id: sitting.page_id)&.showing(Viewer.device(sitting)) }

  private

  def shown = showing ? showing.items.reorder(nil) : Item.none
end
