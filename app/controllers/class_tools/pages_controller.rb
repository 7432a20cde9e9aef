# What was written in lanes becomes pages of the lesson, and the lanes are put away.
class ClassTools::PagesController < ApplicationController
  for_teachers
  layout false

  def create
    tool = access.class_tools.find(params[:class_tool_id])
    tool.pages_of_lanes
    tool.put_away
    render partial: "class_tools/list", locals: { tools: tool.sitting.class_tools.standing }
  end
end
