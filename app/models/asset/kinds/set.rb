# Things of a page, which come out alive, as they lay to one another.
class Asset::Kinds::Set < Asset::Kinds::Kind
  def facts = "#{held['items'].size} #{'thing'.pluralize(held['items'].size)}"

  def items_at(at, lesson:)
    things = HeldItems.new(held["items"], lesson_id: held["lesson"], teacher: @asset.teacher)
    ids = Hash.new { |known, part| known[part] = SecureRandom.alphanumeric(20) }
    things.copies(lesson, by: at.zip(things.centre).map { |to, from| to - from }) { |part| ids[part] }
  end

  private

  def held = @asset.contents
end
