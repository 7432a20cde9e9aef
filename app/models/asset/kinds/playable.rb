# Sounds and videos.
class Asset::Kinds::Playable < Asset::Kinds::Kind
  def facts = format("%d:%02d", *@asset.seconds.round.divmod(60))

  private

  def played = { asset: @asset.id, title: @asset.title, seconds: @asset.seconds }
end
