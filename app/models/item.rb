# What the core calls an item, as stored in a layer: its values, its place in the stack, and its drawing,
# which is made once for each version and read by everything that shows the page. A row that is `gone` hides the
# item of a lower layer.
class Item < ApplicationRecord
  extend Writing

  attribute :data, StoredDocument.new(:item)

  belongs_to :page
  belongs_to :layer
  belongs_to :picture, optional: true
  belongs_to :activity, optional: true
  belongs_to :asset, optional: true

  scope :tied, -> { where("tied") } # as the partial index says it
  scope :back_to_front, -> { order(:z, :key) }

  # The drawing without what covers hide.
  VEILED = Arel.sql("COALESCE(items.veiled_svg, items.svg)")

  # What is to be seen through these layers (Layer#stack): of each item the row in the uppermost of them.
  scope :through, lambda { |stack|
    next where(layer_id: stack) if stack.one?
    above = "SELECT 1 FROM items upper WHERE upper.page_id = items.page_id AND upper.key = items.key AND upper.layer_id > items.layer_id AND upper.layer_id IN (?)"
    where(layer_id: stack, gone: false).where("NOT EXISTS (#{above})", stack)
  }

  # Without what students wrote whose ink is hidden.
  scope :without_hidden_ink, -> { where("items.seat_id IS NULL OR items.seat_id NOT IN (SELECT id FROM seats WHERE ink_hidden)") }

  # Those that devices get whole.
  scope :open, -> { where(veiled_svg: nil) }

  # With these keys, of which there may be hundreds.
  scope :keyed, ->(keys) { where("items.key IN (SELECT value FROM json_each(?))", JSON.generate(keys)) }

  # Those for an audience (Usher::Page::Audience).
  scope :for_audience, ->(audience) { audience.bit.zero? ? all : where("items.audiences & ? != 0", audience.bit) }

  # Of a kind (nil: any), whose bounding box meets an upright box (Usher::Geometry::Box; nil: anywhere).
  scope :near, lambda { |box, kind|
    found = kind ? where(kind: kind) : all
    box ? found.where(left: ..box.x + box.width, right: box.x.., top: ..box.y + box.height, bottom: box.y..) : found
  }

  class << self
    # The row for a Usher::Page::Placed on this page, drawn. seq: the number of its version.
    def row(placed, page:, layer_id:, seq: page.seq)
      item = placed.item
      box = item.box.bounds
      { page_id: page.id, layer_id: layer_id, key: item.id, kind: item.class.kind, data: item.to_h, z: placed.z, seq: seq, gone: false,
        svg: Usher::Page::Drawing.item(placed, seq), veiled_svg: Usher::Page::Drawing.veiled(placed, seq), audiences: Usher::Page::Audience.bits(item, page.size),
        tied: item.tied?, origin: item.origin, words: item.words, picture_id: item.picture, activity_id: item.activity, asset_id: item.asset,
        left: box.x, top: box.y, right: box.x + box.width, bottom: box.y + box.height }
    end

    # The row that hides an item of a lower layer.
    def hiding(key, page:, layer_id:)
      { page_id: page.id, layer_id: layer_id, key: key, kind: "gone", data: {}, z: 0, seq: page.seq, gone: true, svg: "", veiled_svg: nil, audiences: 0,
        tied: false, origin: nil, words: "", picture_id: nil, activity_id: nil, asset_id: nil, left: 0, top: 0, right: 0, bottom: 0 }
    end

    # The bounding boxes, from the columns alone.
    def boxes = pluck(:left, :top, :right, :bottom).map { |left, top, right, bottom| Usher::Geometry::Box.new(left, top, right - left, bottom - top, 0) }

    def recent = @recent ||= Recent.new
  end

  def placed = Usher::Page::Placed.new(Usher::Items.restore(data), z)

  # The same in another lesson, with what it opens there: { number here => number there }.
  def placed_in(pages:, activities:)
    item = placed.item.relinked(pages: pages, activities: activities)
    item = item.change("activity" => activities.fetch(activity_id)) if item.is_a?(Usher::Items::Activity)
    Usher::Page::Placed.new(item, z)
  end
end
