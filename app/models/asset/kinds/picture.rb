class Asset::Kinds::Picture < Asset::Kinds::Kind
  def items_at(at, **) = [ @asset.picture.item_at(at) ]
end
