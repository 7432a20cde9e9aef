# What of a page's style (paper, colour) is different in a layer.
class LayerStyle < ApplicationRecord
  attribute :style, PlainJson.new

  belongs_to :page
  belongs_to :layer

  # { name => value } over all these layers, the upper ones last.
  def self.over(page_id, layers) = layers.empty? ? {} : where(page_id: page_id, layer_id: layers).order(:layer_id).pluck(:style).inject({}, :merge)
end
