# The goes at activities that stand on a page at the wall, in the sitting that a board in Teach names.
class Pages::GoesController < Pages::BaseController
  def index
    standing = Attempt.standing(showing)
    render json: standing.map { |attempt| { activity: attempt.edition.activity_id, attempt: attempt.id } }
  end
end
