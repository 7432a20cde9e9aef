# Drawings made by an older renderer (Usher::Page::Drawing::RENDERER) are made anew: by a job, and on sight until
# then. Values and versions stay as they are, but for what of a thing is hidden where that was not known before.
module Page::Redrawing
  extend ActiveSupport::Concern

  NEW_TO_COVERS = [ Usher::Items::Curtained, Usher::Items::Clipped ].freeze

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
      rows.where(gone: false).includes(:layer).find_each do |item|
        now = curtained(item)
        kept = %i[page_id layer_id key]
        kept << :data if now.item.hidden == item.placed.item.hidden
        item.update_columns(Item.row(now, page: self, layer_id: item.layer_id, seq: item.seq).except(*kept))
      end
      update_columns(renderer: Usher::Page::Drawing::RENDERER)
    end
  end

  private

  # Until renderer 5, kinds that are curtained did not know of the covers over a part of them; until 6, plain shapes did not.
  def curtained(item)
    placed = item.placed
    return placed unless NEW_TO_COVERS.any? { |kind| placed.item.is_a?(kind) } && !placed.item.covered && placed.item.hidden.empty?
    above = rows.where(kind: "cover", gone: false, layer_id: item.layer.stack).map(&:placed).select { |cover| cover.z > placed.z && !cover.item.off }
    hidden = placed.item.hidden_by(above.map(&:item))
    hidden.empty? ? placed : Usher::Page::Placed.new(placed.item.remade("hidden" => hidden), placed.z)
  end
end
