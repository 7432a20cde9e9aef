# Who is in, who answered, who finished what.
class Lessons::RollsController < Lessons::BaseController
  layout false

  def show
    @sitting = open_sitting
    return render(plain: "") unless @sitting
    @roll = Roll.new(@sitting)
    render %w[list poll].find { |part| params[part] } || :show
  end
end
