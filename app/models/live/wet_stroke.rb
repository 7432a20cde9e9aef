# A stroke as those follow it who do not see the wings: nothing of it goes out before it touches the page, then all.
class Live::WetStroke
  attr_reader :id

  # size: [width, height] of the page.
  def initialize(id, size)
    @id, @page, @sent, @points = id, Usher::Geometry::Box.new(0, 0, *size, 0), 0, []
  end

  # ink: the Live::WetInk that came next. Answers with hashes for those who follow, each with a share of the points.
  def take(ink)
    return [] if ink.start > @points.size || ink.start + ink.points.size > Usher::Types::Points::MAX
    @points[ink.start..] = ink.points
    @sent = [ @sent, ink.start ].min
    return [] unless touches?
    shares = @points.drop(@sent).each_slice(Live::WetInk::MAX).to_a
    shares.each_with_index.map { |share, index| ink.to_h.merge(start: @sent + index * Live::WetInk::MAX, points: share) }.tap { @sent = @points.size }
  end

  private

  # As for a stroke that is dry (Usher::Items::Item#on_page?).
  def touches? = @touched ||= @page.meets?(Usher::Geometry::Box.around(@points.map { |x, y| [ x, y ] }))
end
