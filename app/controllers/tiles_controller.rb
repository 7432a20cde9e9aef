# Tiles laid out from a list, with a drawing of how they will lie.
class TilesController < ApplicationController
  include AsksCore

  def create
    tiles = Usher::Tiles.lay(asked["list"], way: asked.fetch("way", "row"))
    drawings = tiles.each_with_index.map { |tile, index| Usher::Page::Drawing.item(Usher::Page::Placed.new(Usher::Items.build(tile.merge("id" => "look-#{index}")), index), 0) }
    render json: { items: tiles, look: drawings.join }
  end
end
