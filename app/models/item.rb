# What the core calls an item, as stored: its values, its place in the stack, and its drawing,
# which is made once for each version and read by everything that shows the page.
class Item < ApplicationRecord
  attribute :data, PlainJson.new

  belongs_to :page
  belongs_to :picture, optional: true
  belongs_to :activity, optional: true
  belongs_to :asset, optional: true

  scope :tied, -> { where("tied") } # as the partial index says it

  # The drawing that leaves the teacher's hands.
  DEVICE_SVG = Arel.sql("COALESCE(items.device_svg, items.svg)")

  # Of a kind (nil: any), whose bounds meet an upright box (Usher::Geometry::Box; nil: anywhere).
  scope :near, lambda { |box, kind|
    found = kind ? where(kind: kind) : all
    box ? found.where(left: ..box.x + box.width, right: box.x.., top: ..box.y + box.height, bottom: box.y..) : found
  }

  # The row for a Usher::Page::Placed on this page, drawn.
  def self.row(placed, page:)
    item = placed.item
    { page_id: page.id, key: item.id, kind: item.class.kind, data: item.to_h, z: placed.z, seq: page.seq,
      svg: Usher::Page::Drawing.item(placed, page.seq), device_svg: Usher::Page::Drawing.for_devices(placed, page.seq), in_room: item.in_room?(page.size), on_devices: item.on_devices?(page.size),
      tied: item.tied?, origin: item.origin, words: item.words, picture_id: item.picture, activity_id: item.activity, asset_id: item.asset, **place_of(item) }
  end

  # The upright box around an item of the core.
  def self.place_of(item)
    box = item.box.bounds
    { left: box.x, top: box.y, right: box.x + box.width, bottom: box.y + box.height }
  end

  # The upright boxes around them, from the columns alone.
  def self.boxes = pluck(:left, :top, :right, :bottom).map { |left, top, right, bottom| Usher::Geometry::Box.new(left, top, right - left, bottom - top, 0) }

  def self.recent = @recent ||= Recent.new

  def placed = Usher::Page::Placed.new(Usher::Items.restore(data), z)

  # The same in another lesson, with what it opens there: { number here => number there }.
  def placed_in(pages:, activities:)
    item = placed.item.relinked(pages: pages, activities: activities)
    item = item.change("activity" => activities.fetch(activity_id)) if item.is_a?(Usher::Items::Activity)
    Usher::Page::Placed.new(item, z)
  end
end
