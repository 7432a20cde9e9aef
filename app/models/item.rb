# What the core calls an item, as stored: its values, its place in the stack, and its drawing,
# which is made once for each version and read by everything that shows the page.
class Item < ApplicationRecord
  attribute :data, PlainJson.new

  belongs_to :page
  belongs_to :picture, optional: true
  belongs_to :activity, optional: true

  # Of a kind, whose bounds meet an upright box (Usher::Geometry::Box; nil: anywhere).
  scope :near, lambda { |box, kind|
    found = where(kind: kind)
    box ? found.where(left: ..box.x + box.width, right: box.x.., top: ..box.y + box.height, bottom: box.y..) : found
  }

  # The row for a Usher::Page::Placed on this page, drawn.
  def self.row(placed, page:)
    item = placed.item
    { page_id: page.id, key: item.id, kind: item.class.kind, data: item.to_h, z: placed.z, seq: page.seq,
      svg: Usher::Page::Drawing.item(placed, page.seq), on_page: item.on_page?(Usher::Page::SIZE),
      picture_id: item.picture, activity_id: item.activity, **place_of(item) }
  end

  # The upright box around an item of the core.
  def self.place_of(item)
    box = item.box.bounds
    { left: box.x, top: box.y, right: box.x + box.width, bottom: box.y + box.height }
  end

  def self.recent = @recent ||= Recent.new

  def placed = Usher::Page::Placed.new(Usher::Items.restore(data), z)

  # The same, opening another activity.
  def placed_with(activity)
    activity ? Usher::Page::Placed.new(placed.item.change("activity" => activity.id), z) : placed
  end
end
