# The classes that were taught this lesson; another one that begins beside the one that goes on.
class Lessons::HeldController < Lessons::BaseController
  layout false

  def index
    @sittings = lesson.sittings.current.or(lesson.sittings.where(ending: "kept")).order(Arel.sql("ended_at IS NOT NULL"), began_at: :desc).limit(200)
  end

  def create
    sitting = Sitting.teach_beside(lesson, page_shown)
    sitting.update!(title: params.permit(:title)[:title].to_s)
    redirect_to lesson_teach_path(lesson, sitting: sitting.id), status: :see_other
  end
end
