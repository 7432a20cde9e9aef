class Asset::Kinds::Sound < Asset::Kinds::Playable
  SIZE = [ 420, 96 ].freeze

  def items_at(at, **) = [ centred(SIZE, at, kind: "sound", **played) ]
end
