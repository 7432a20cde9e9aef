# What the core calls an item, as stored: its values, its place in the stack, and its drawing,
# which is made once for each version and read by everything that shows the page.
class Item < ApplicationRecord
  belongs_to :page
  belongs_to :picture, optional: true
  belongs_to :activity, optional: true

  # The row for a Usher::Page::Placed on this page, drawn.
  def self.row(placed, page:)
    item = placed.item
    { page_id: page.id, key: item.id, kind: item.class.kind, data: item.to_h, z: placed.z, seq: page.seq,
      svg: Usher::Page::Drawing.item(placed, page.seq), on_page: item.on_page?(Usher::Page::SIZE),
      picture_id: item.picture, activity_id: item.activity }
  end

  def placed = Usher::Page::Placed.new(Usher::Items.build(data), z)

  # The same, opening another activity.
  def placed_with(activity)
    activity ? Usher::Page::Placed.new(placed.item.change("activity" => activity.id), z) : placed
  end
end
