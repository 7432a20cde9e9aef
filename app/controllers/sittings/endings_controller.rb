# The one question at the end: what becomes of what was written.
class Sittings::EndingsController < Sittings::BaseController
  layout false

  before_action { raise Usher::Invalid, "This class has gone already." if sitting.ended? }

  def new = @pages = sitting.touched_pages

  def create
    given = params.permit(:ending, :title, pages: [])
    pages = sitting.touched_pages.where(id: Array(given[:pages]).map(&:to_i)).to_a
    sitting.finish(given[:ending], by: teacher, title: given[:title].to_s, pages: pages)
    render json: { at: lesson_path(sitting.lesson, page: sitting.page_id) }
  end
end
