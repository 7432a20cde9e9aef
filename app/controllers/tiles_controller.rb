# Tiles laid out from a list, with a drawing of how they will lie.
class TilesController < ApplicationController
  include AsksCore

  SIZE = Usher::Types::List.new(Usher::Types::Number.new(1..Usher::Page::LONGEST), 2..2)

  def create
    tiles = Usher::Tiles.lay(asked["list"], layout: asked.fetch("layout", "row"), size: Usher::Invalid.about("The size of the page") { SIZE.call(asked.fetch("size", Usher::Page::SIZE)) })
    drawings = tiles.each_with_index.map { |tile, index| Usher::Page::Drawing.item(Usher::Page::Placed.new(Usher::Items.build(tile.merge("id" => "look-#{index}")), index), 0) }
    render json: { items: tiles, look: drawings.join }
  end
end
