# Somebody who looks at a lesson's pages: which layers they see, what of each page is for them, and what they
# may do to it. The one place that says so; Page::Showing answers how a page looks to them.
class Viewer
  # What each may do. write: put, change and take away things in their own layer; turn: turn the page for the
  # class; prepare: change the lesson itself; answer: polls and activities.
  RIGHTS = { preparing: %i[write prepare], teaching: %i[write turn], device: %i[answer], reader: [], take: [] }.freeze

  attr_reader :role, :layer, :audience

  class << self
    def preparing(lesson) = new(:preparing, lesson.prepared, Usher::Page::Audience::BOARD)
    def teaching(sitting) = new(:teaching, sitting.layer, Usher::Page::Audience::BOARD)

    # copy: the layer of a student who writes on a copy.
    def device(sitting, copy = nil) = new(:device, copy || sitting.layer, Usher::Page::Audience::DEVICES)
    def reader(layer) = new(:reader, layer, Usher::Page::Audience::DEVICES)

    # The desk's small pictures, and takes: what the room sees.
    def room(layer) = new(:take, layer, Usher::Page::Audience::ROOM)
  end

  def initialize(role, layer, audience)
    @role, @layer, @audience = role, layer, audience
  end

  def may?(right) = RIGHTS.fetch(role).include?(right)

  # Whether what is done in a layer is seen by them.
  def sees?(layer_id) = layer.stack.include?(layer_id)
end
