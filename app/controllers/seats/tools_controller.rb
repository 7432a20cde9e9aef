# The class tools that the teacher shows on devices.
class Seats::ToolsController < Seats::BaseController
  def show = render(partial: "seats/rooms/tools", locals: { access: student_access })
end
