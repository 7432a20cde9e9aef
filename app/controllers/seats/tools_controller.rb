# The class tools that the teacher shows on devices.
class Seats::ToolsController < Seats::BaseController
  def show = @tools = student_access.class_tools
end
