# A file that a thing on the page opens: a tile with its name.
class Asset::Kinds::File < Asset::Kinds::Kind
  SIZE = [ 460, 90 ].freeze

  def items_at(at, **) = [ centred(SIZE, at, kind: "tile", text: @asset.name, size: 30, link: { "to" => "file", "asset" => @asset.id, "name" => @asset.name }) ]
end
