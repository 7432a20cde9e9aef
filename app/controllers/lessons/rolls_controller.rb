# Who is in, who answered, who finished what.
class Lessons::RollsController < Lessons::BaseController
  layout false

  def show
    @sitting = lesson.open_sitting
    return render(plain: "") unless @sitting
    @roll = Roll.new(@sitting)
    render params[:list] ? :list : :show
  end
end
