# A student in a seat: what the open lesson shows, and their own answers. Nothing that lies in the
# wings or on a page that is not shown, and nothing once the doors are shut.
class Access::Student < Access::Nobody
  attr_reader :seat

  def initialize(seat)
    @seat = seat
  end

  def participant = Participant.of(@seat)
  def sittings = @seat.out || @seat.waiting? ? Sitting.none : Sitting.open.where(id: @seat.sitting_id, code: @seat.code)

  # The page the class looks at; where students turn freely, all it has been on.
  def pages = sitting ? Page.kept.where(lesson_id: sitting.lesson_id, id: sitting.shown_pages) : Page.none

  # Those on which what it did may still arrive: the class has been there.
  def pages_been = sitting ? Page.kept.where(lesson_id: sitting.lesson_id, id: [ sitting.page_id, *sitting.times.keys ]) : Page.none

  # Those on the page, what was begun, and what was sent here.
  def activities
    Activity.where(id: shown.open.select(:activity_id)).or(Activity.where(id: attempts.joins(:edition).select("editions.activity_id"))).or(Activity.where(id: Sending.to(seat).map(&:activity_id)))
  end

  # What a player, of which any is under a cover, would play, is not among them.
  def assets = Asset.where(id: shown.open.or(shown.where.not(kind: %w[sound video])).select(:asset_id)).or(Asset.where(id: handouts.where(kind: "file").select(:asset_id)))
  def attempts = @seat.attempts.where(edition: Edition.where(activity: Activity.where(lesson_id: sittings.select(:lesson_id))))
  def poll(number) = (Poll.find_by(id: number, sitting_id: @seat.sitting_id) if @seat.let_in?) # in few steps: three hundred answer at once
  def asked = (poll = sitting&.poll) && poll.for?(@seat) && @seat.may?("answer") ? poll : nil # what is to be answered now
  def answer_to(poll) = (poll.answers.find_by(seat: @seat) unless poll.anonymous?)
  def sent = Sending.to(@seat).last
  def class_tools = ClassTool.shown.where(sitting: sittings)
  def handouts = Handout.where(id: Handout.to(@seat).map(&:id), sitting: sittings) # to this seat
  def spoken(page, item, _sitting = nil) = shown.find_by(page_id: page, key: item)&.placed&.item&.redacted&.aloud
  def framed(address) = shown.open.where(kind: "framed").any? { |item| item.data["address"] == address } ? address : nil

  # One that a drawing on the device names: a covered one by its blank parts, and then not the whole.
  def picture(address)
    number, = Usher::Veil.read(address) || return
    named = ->(svg) { svg.include?(%(href="#{address}")) }
    seen = shown.where(picture_id: number).pluck(Item::VEILED).any?(&named) || seen_pages.any? { |page| named.(page.showing(seat.viewer).ground) }
    Picture.find_by(id: number) if seen || (address == Usher::Veil.address(number) && turned_up?(number))
  end

  # The page the class looks at, as devices get it, or the one that was turned to; nil where there is none.
  def showing(page = nil)
    return pages.find_by(id: page)&.showing(@seat.viewer) if page
    @showing ||= sitting && Page.kept.find_by(id: sitting.page_id)&.showing(@seat.viewer)
  end

  # Of what devices may turn over or roll for themselves, every face.
  def rollable(item) = shown.open.where(kind: %w[flash_card die spinner]).find_by(key: item)

  private

  def sitting = @sitting ||= sittings.first

  def turned_up?(number)
    return true if class_tools.where(kind: "dice").any? { |tool| tool.tool.pictures.include?(number) }
    shown.open.where(kind: %w[flash_card die spinner]).any? { |item| item.data["faces"].any? { |face| face["picture"].to_i == number } }
  end

  def seen_pages = pages.or(Page.kept.where(id: handouts.where(kind: "page").select(:page_id)))

  # Everything that a device may show, on whichever of its pages.
  def shown
    return Item.none unless sitting
    seen_pages.undrawn.each(&:redraw)
    viewer = seat.viewer
    Item.where(page_id: seen_pages.select(:id)).through(viewer.layer.stack).without_hidden_ink.for_audience(viewer.audience)
  end
end
