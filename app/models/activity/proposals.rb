# What can be made of what lies on a page (see Usher::Activities::Found), and of the lesson's pages themselves.
class Activity::Proposals
  PAGES = 3..24

  def initialize(showing)
    @showing = showing
  end

  def to_a = @all ||= Usher::Activities::Found.on(items, lines) + of_pages

  # What a form (Activity::Form) begins with. from: the id of an item, or "pages". Raises Usher::Invalid.
  def fill(kind, from)
    found = to_a.find { |proposal| [ proposal.kind, proposal.from ] == [ kind, from ] } or raise Usher::Invalid, "What that was made from is not on the page any more."
    rows = from == "pages" ? [ [ nil, *pictures_of_pages ] ] : found.rows&.map { |row| row.map { |cell| cell.is_a?(String) ? Usher::Text::Inline.literal(cell) : cell } }
    { title: found.title, table: rows.to_json, text: found.text, picture: picture_of(found).to_json, settings: found.settings }.with_indifferent_access
  end

  private

  def items = @items ||= @showing.items.where.not(kind: "ink").map { |row| row.placed.item }

  # The printed words of pictures out of which something was rubbed.
  def lines
    rubbed = items.grep(Usher::Items::Picture).select { |picture| picture.rubbed.any? }
    Picture.where(id: rubbed.map(&:picture)).to_h { |picture| [ picture.id, Array(picture.lines) ] }
  end

  # A picture that was changed on the page goes into an activity as it looks there, so that what was rubbed out stays out.
  def picture_of(found)
    item = items.find { |one| one.id == found.from }
    return found.picture unless item.is_a?(Usher::Items::Picture) && !item.untouched?
    found.picture.merge("picture" => @showing.page.capture_alone(item).id)
  end

  def lesson = @showing.page.lesson

  def of_pages
    return [] unless PAGES.cover?(lesson.pages.size)
    [ Usher::Activities::Found::Proposal.new(kind: "order", from: "pages", title: "The pages in their order", settings: { "of" => "things" }) ]
  end

  def pictures_of_pages = lesson.pages.map { |page| { "picture" => page.capture([ 0, 0, *page.size ]).id } }
end
