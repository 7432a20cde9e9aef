# What can be taken into a sheet: the teacher's activities, those of this lesson first, and the parts of other sheets.
class Lessons::PartsController < Lessons::BaseController
  layout false

  MOST = 60

  def index
    @activities = access.activities.where("title LIKE ?", "%#{Activity.sanitize_sql_like(params[:q].to_s.squish[0, 80])}%").includes(:lesson, :editions)
      .order(Arel.sql(Activity.sanitize_sql([ "lesson_id = ? DESC", lesson.id ])), id: :desc).limit(MOST)
    render partial: "parts"
  end
end
