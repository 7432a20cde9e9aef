# What kinds share.
class Asset::Kinds::Kind
  def initialize(asset)
    @asset = asset
  end

  # A few words about it, for lists.
  def facts = @asset.folder.presence

  # Attributes of the core's items about the middle `at` ([x, y] in page units), with fresh ids, for a page
  # of this lesson.
  def items_at(at, lesson:) = raise(NotImplementedError)

  private

  # One item of this size about the middle.
  def centred((width, height), at, **values)
    { "id" => SecureRandom.alphanumeric(20), "x" => (at[0] - width / 2.0).round(2), "y" => (at[1] - height / 2.0).round(2), "width" => width, "height" => height, **values.stringify_keys }
  end
end
