# The answers as a thing on a page of the lesson as it is held, which grows with them. What it becomes is an operation in
# the log like any other, so that boards, devices and takes see it; nobody's undo touches it.
module Poll::OnPage
  MARGIN = 40 # page units to the edge of the page

  # Puts it on the page the question is about. by: the teacher, whose step it is. Raises Usher::Invalid.
  def put_on_page(by:)
    box = figures["spots"] ? Usher::Geometry::Box.new(0, 0, *page.size, 0) : free_corner(*Usher::Items::Results.laid.values)
    item = { "kind" => "results", "id" => SecureRandom.alphanumeric(20), "x" => box.x, "y" => box.y, "width" => box.width, "height" => box.height, "poll" => id, **figures }
    page.perform({ "verb" => "put", "items" => [ item ] }, id: SecureRandom.alphanumeric(20), by: by, layer: sitting.layer, during: Live::Recording.moment(sitting.layer))
  end

  # Its things show the answers as they are now.
  def redraw_things
    things.group_by(&:page).each do |page, rows|
      changes = rows.map { |row| { "id" => row.key, "set" => figures } }
      page.perform({ "verb" => "change", "changes" => changes }, id: SecureRandom.alphanumeric(20), by: self, layer: sitting.layer, during: Live::Recording.moment(sitting.layer))
    end
  end

  # As somebody who does something on a page.
  def actor = "poll:#{id}"
  def author = nil

  def things = Item.where(layer: sitting.layer, kind: "results", gone: false).includes(:page).select { |row| row.data["poll"] == id }

  private

  # The corner of the page where the least lies that has been there before.
  def free_corner(width, height)
    taken = page.showing(Viewer.teaching(sitting)).items.map { |row| row.placed.item.box }
    right, low = page.width - width - MARGIN, page.height - height - MARGIN
    [ [ right, low ], [ MARGIN, low ], [ right, MARGIN ], [ MARGIN, MARGIN ] ].map { |x, y| Usher::Geometry::Box.new(x, y, width, height, 0) }.min_by { |box| taken.sum { |one| box.overlap(one) } }
  end

  def figures = Usher::Polls::Figures.new(core, values, title: title, size: page.size, hidden: !revealed?).to_h
end
