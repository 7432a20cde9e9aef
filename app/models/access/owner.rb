# A teacher: everything of their own lessons, nothing of anybody else's.
class Access::Owner < Access::Nobody
  def initialize(teacher)
    @teacher = teacher
  end

  def lessons = @teacher.lessons.kept
  def binned_lessons = @teacher.lessons.binned
  def pages = Page.kept.where(lesson_id: Lesson.kept.where(teacher_id: @teacher.id).select(:id)) # asked with every stroke
  def binned_pages = Page.binned.where(lesson: lessons)
  def pictures = @teacher.pictures.or(Picture.where(id: @teacher.handed_files.select(:picture_id)))
  def picture(address) = Usher::Veil.read(address)&.then { |number, _| pictures.find_by(id: number) }
  def assets = @teacher.assets.or(Asset.where(id: @teacher.handed_files.select(:asset_id)))
  def handovers = Handover.standing.where(address: @teacher.email) # to this teacher
  def activities = Activity.where(lesson: lessons)
  def attempts = Attempt.at_wall.where(edition: Edition.where(activity: activities)) # a student's go is the student's
  def results = Attempt.where(edition: Edition.where(activity: activities)).where.not(participant: nil) # those of the class, to look at
  def sittings = Sitting.where(lesson: lessons)
  def imports = Import.where(lesson: lessons)
  def school_classes = @teacher.school_classes
  def polls = Poll.where(sitting: sittings)
  def class_tools = ClassTool.standing.where(sitting: sittings.current)
  def takes = Take.where(lesson: lessons)
  def spoken(page, item, sitting = nil) = pages.find_by(id: page)&.then { |found| showing(found, sitting).items.find_by(key: item)&.placed&.item&.aloud }
  def framed(address) = address.presence

  # A page as it is prepared, or as it is in the sitting with this number. Raises Usher::Invalid for one that
  # is not of its lesson or is over.
  def showing(page, sitting = nil)
    return page.showing if sitting.blank?
    held = sittings.current.find_by(id: sitting, lesson_id: page.lesson_id) or raise Usher::Invalid, "This lesson is not held any more. Open Teach again."
    page.showing(Viewer.teaching(held))
  end
end
