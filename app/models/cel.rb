# A drawing as it was to be seen in a take, kept whatever becomes of the page: one for each version of an item.
class Cel < ApplicationRecord
  attribute :ink, PlainJson.new # of a stroke that was written: its look and its points, in page units and ms

  belongs_to :take

  # Film entries ([id, z, number, ms to write it]) of these rows of items; seq: of the operation that drew them.
  def self.keep(take, page, rows, seq: nil, written: false)
    return [] if rows.empty?
    own = rows.map do |row|
      ink = written ? ink_of(row) : nil
      { take_id: take.id, page_id: page.id, key: row[:key], seq: seq || row[:seq], z: row[:z], svg: row[:svg], ink: ink }
    end
    insert_all(own, unique_by: %i[take_id page_id key seq])
    numbers = where(take_id: take.id, page_id: page.id, key: own.map { |cel| cel[:key] }.uniq).pluck(:key, :seq, :id).to_h { |key, version, number| [ [ key, version ], number ] }
    own.map { |cel| [ cel[:key], cel[:z], numbers.fetch(cel.values_at(:key, :seq)), cel[:ink] ? cel[:ink]["points"].last[3] : 0 ] }
  end

  def self.ink_of(row)
    return unless row[:kind] == "ink"
    item = Usher::Items.restore(row[:data])
    { "colour" => item.colour, "stroke_width" => item.stroke_width, "nib" => item.nib, "opacity" => item.opacity, "points" => item.on_paper } if item.duration.positive?
  end
  private_class_method :ink_of
end
