# Drawings made by an older renderer (Usher::Page::Drawing::RENDERER) are made anew: by a job, and on sight until
# then. Values and versions stay as they are.
module Page::Redrawing
  extend ActiveSupport::Concern

  included do
    attribute :renderer, default: -> { Usher::Page::Drawing::RENDERER } # of a new page
    scope :undrawn, -> { where.not(renderer: Usher::Page::Drawing::RENDERER) }
  end

  def drawn? = renderer == Usher::Page::Drawing::RENDERER

  # Everything on the page, in all its layers.
  def redraw
    transaction do
      reload(lock: true)
      next if drawn?
      rows.where(gone: false).find_each { |item| item.update_columns(Item.row(item.placed, page: self, layer_id: item.layer_id, seq: item.seq).except(:data, :page_id, :layer_id, :key)) }
      update_columns(renderer: Usher::Page::Drawing::RENDERER)
    end
  end
end
