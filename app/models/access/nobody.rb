# Somebody who has not signed in and sits in no lesson: nothing at all, but what a share opens.
class Access::Nobody
  def lessons = Lesson.none
  def binned_lessons = Lesson.none
  def pages = Page.none
  def binned_pages = Page.none
  def pictures = Picture.none
  def picture(_address) = nil
  def assets = Asset.none
  def imports = Import.none
  def handovers = Handover.none
  def activities = Activity.none
  def attempts = Attempt.none
  def results = Attempt.none
  def sittings = Sitting.none
  def polls = Poll.none
  def school_classes = SchoolClass.none
  def class_tools = ClassTool.none
  def takes = Take.none
  def shares = Share.standing.joins(:lesson).merge(Lesson.kept)

  # What a thing on a page says, to be read aloud; the address a framed page shows. nil where it is not theirs.
  def spoken(_page, _item, _sitting = nil) = nil
  def framed(_address) = nil

  # The question with this number.
  def poll(_number) = nil

  # Who a new attempt belongs to: nil is the wall.
  def participant = nil
end
