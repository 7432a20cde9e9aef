# What a school has settled, who is in it, and its log.
class SchoolsController < ApplicationController
  include ForAdministrators

  def show
    @school = School.current
    @teachers = Teacher.order(:name)
    @entries = Entry.newest.limit(200)
  end

  def update
    School.current.update!(params.permit(school: [ :sign_up, :keep_days ]).require(:school))
    Entry.note("settled", who: teacher, request: request)
    redirect_to school_path, notice: "Kept."
  end
end
