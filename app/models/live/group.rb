# Those who follow a lesson together and are shown the same: the boards in Prepare, the wall, the devices. What is
# said is encoded once for each of them.
class Live::Group
  attr_reader :feed, :viewer

  # All that a lesson has at this moment.
  def self.all(lesson)
    sitting = lesson.sitting
    [ new(lesson.board_feed, Viewer.preparing(lesson)), *(sitting && of_sitting(sitting)) ]
  end

  def self.of_sitting(sitting)
    wall = new(sitting.wall_feed, Viewer.teaching(sitting))
    sitting.open? ? [ wall, new(sitting.device_feed, Viewer.device(sitting), page: sitting.page_id) ] : [ wall ]
  end

  # page: the number of the only page they are shown; nil for those who may look at any.
  def initialize(feed, viewer, page: nil)
    @feed, @viewer, @page = feed, viewer, page
  end

  def publish(**message) = feed.publish(**message)

  # Whether they see what is done on a page in a layer.
  def follows?(layer_id, page_id) = viewer.sees?(layer_id) && (@page.nil? || @page == page_id)
end
