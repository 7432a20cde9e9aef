# Another go for the next group: the page as it is in the layer below, however much was done to it since. One
# step, which can be undone like any other.
module Page::Reset
  # Answers with a Patch, or nil when the page is as it was prepared. Activities on it are dealt anew.
  def reset(layer:, by:, id:, during: {})
    put_goes_away(layer)
    transaction do
      reload(lock: true)
      known = known(id) and next known
      operation = Usher::Page::Difference.between(seen_through(layer), seen_through(layer.below))
      operation && perform(operation, id: id, by: by, layer: layer, during: during)
    end
  end

  # What was done in a layer becomes part of the prepared page, and the layer has nothing of its own there any
  # more. Answers with a Patch, or nil where there is nothing.
  def take_into_lesson(layer, by:, id:)
    transaction do
      reload(lock: true)
      operation = Usher::Page::Difference.between(seen_through(prepared), seen_through(layer))
      [ layer.items, layer.styles ].each { |own| own.where(page_id: self.id).delete_all }
      operation && perform(operation, id: id, by: by)
    end
  end

  private

  def put_goes_away(layer)
    return if layer.prepared? || Attempt.standing(showing(Viewer.teaching(layer.sitting))).update_all(away_at: Time.current).zero?
    layer.sitting.wall_feed.publish(play: {})
  end

  def seen_through(layer) = Page::Showing.new(self, Viewer.new(:preparing, layer, Usher::Page::Audience::BOARD)).memory
end
