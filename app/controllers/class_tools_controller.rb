# One class tool: what is done with it, how large it is, and putting it away.
class ClassToolsController < ApplicationController
  GIVEN = %i[team by name colour step seconds count].freeze

  for_teachers
  layout false

  before_action { @tool = access.class_tools.find(params[:id]) }

  def update
    given = params.permit(:do, :small, :shown, *GIVEN)
    @tool.act(given[:do], given.slice(*GIVEN).to_h) if given[:do]
    set = given.slice(:small, :shown).to_h
    @tool.place(set) if set.any?
    render_tools
  end

  def destroy
    @tool.put_away
    render_tools
  end

  private

  def render_tools = render(partial: "class_tools/list", locals: { tools: @tool.sitting.class_tools.standing })
end
