# Those who follow a lesson together and are shown the same: the boards in Prepare, the wall, the devices. What is
# said is encoded once for each of them.
class Live::Group
  attr_reader :feed, :viewer

  # All that a lesson has at this moment.
  def self.all(lesson) = [ new(lesson.board_feed, Viewer.preparing(lesson)), *lesson.sittings.current.flat_map { |sitting| of_sitting(sitting) } ]

  def self.of_sitting(sitting)
    wall = new(sitting.wall_feed, Viewer.teaching(sitting))
    sitting.open? ? [ wall, new(sitting.device_feed, Viewer.device(sitting), pages: sitting.shown_pages) ] : [ wall ]
  end

  # Those to whom what is done in a layer may matter. A copy is followed by its student's devices alone.
  def self.around(layer)
    return all(layer.lesson) unless layer.copy?
    layer.copiers.map { |seat| new(seat.sitting.device_feed, Viewer.device(seat.sitting, layer), pages: seat.sitting.shown_pages, to: seat.address) }
  end

  # pages: the numbers of the only ones they are shown; nil for those who may look at any. to: the address of those who
  # are meant alone.
  def initialize(feed, viewer, pages: nil, to: nil)
    @feed, @viewer, @pages, @to = feed, viewer, pages, to
  end

  def publish(**message) = feed.publish(to: @to, **message)

  # Whether they see what is done on a page in a layer.
  def follows?(layer_id, page_id) = viewer.sees?(layer_id) && (@pages.nil? || @pages.include?(page_id))
end
