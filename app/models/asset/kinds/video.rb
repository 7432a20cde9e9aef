class Asset::Kinds::Video < Asset::Kinds::Playable
  def items_at(at, **) = [ centred(::Picture.fitting(*@asset.facts.values_at("width", "height")), at, kind: "video", picture: @asset.picture_id, **played) ]
end
