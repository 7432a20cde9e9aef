# A class that had begun comes again.
class Sittings::ReturnsController < Sittings::BaseController
  def create
    if sitting.ended?
      differs = DifferenceWords.new(sitting).to_s
      sitting.go_on
    end
    redirect_to lesson_teach_path(sitting.lesson, sitting: sitting.id), status: :see_other, notice: differs.presence
  end
end
