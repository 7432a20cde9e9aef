# A pasted table as tiles; none where what was pasted is no table.
class TablesController < ApplicationController
  include AsksCore

  def create
    rows = asked["html"] ? Usher::Formats::Html::Table.read(asked["html"]) : Usher::Tables.read(asked["text"])
    render json: { items: rows ? Usher::Tables.lay(rows) : [] }
  end
end
