# A link to what a class made of the lesson.
class Sittings::SharesController < Sittings::BaseController
  def create
    Share.of(sitting.lesson, sitting)
    redirect_to sitting, status: :see_other
  end

  def destroy
    sitting.shares.standing.each(&:withdraw)
    redirect_to sitting, status: :see_other, notice: "The link opens nothing any more."
  end
end
