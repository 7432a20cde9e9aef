# Tells the strokes that one browser is drawing, while they are wet, to everybody who sees the layer they are drawn in.
class Live::Strokes
  def initialize(lesson)
    @lesson, @sizes = lesson, {}
  end

  # Something else than ink was heard: a page may have another size now, and others may follow.
  def forget
    @sizes = {}
    Live::Followers.forget(@lesson.id)
  end

  # data: as Live::WetInk takes it. The wings are for boards alone. Raises Usher::Invalid.
  def tell(data, layer)
    ink = Live::WetInk.new(data)
    shares = stroke(ink).take(ink)
    Live::Followers.of(@lesson.id).select { |group| group.follows?(layer.id, ink.page_id) }.each do |group|
      (group.viewer.audience.wings? ? [ ink.to_h ] : shares).each { |share| group.publish(wet: share) }
    end
  end

  private

  # The stroke that is being drawn, as those see it who do not see the wings.
  def stroke(ink)
    return @stroke if @stroke&.id == ink.id
    @stroke = Live::WetStroke.new(ink.id, size(ink.page_id))
  end

  def size(page_id) = @sizes[page_id] ||= @lesson.all_pages.find_by(id: page_id)&.size || Usher::Page::Style::DEFAULTS.values_at("width", "height")
end
