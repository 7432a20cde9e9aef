# What lies in the store room, by kind: what it is called there, what is said of it, and what comes onto a
# page when it is taken out. A kind is a file in asset/kinds.
module Asset::Kinds
  ALL = { "picture" => "Pictures", "sound" => "Sounds", "video" => "Videos", "pdf" => "PDF", "slides" => "Slides", "file" => "Files", "set" => "Sets" }.freeze

  def self.of(asset) = const_get(asset.kind.capitalize).new(asset)
end
