# The class tools of a sitting: those on the board, and another one.
class Sittings::ClassToolsController < Sittings::BaseController
  GIVEN = %i[seconds minutes title teams names from low high repeat secret count sides faces fields by number apart together].freeze

  layout false

  def index = render_tools

  # What can be put up; with a kind, what it wants to know.
  def new
    @kind, @names = params[:kind].to_s, sitting.seats.order(:name).pluck(:name)
    return render(:choose) if @kind.blank?
    @tool = Usher::Classroom::Tools.registry.fetch(@kind)
  end

  def create
    raise Usher::Invalid, "This lesson is not held any more. Open Teach again." if sitting.ended?
    given = params.permit(*GIVEN, :questions, :low, :empty, pictures: []).to_h
    params[:kind] == "lanes" ? ClassTool.lay_lanes(sitting, given, by: teacher, empty: given["empty"] == "1") : ClassTool.put_up(sitting, params[:kind].to_s, given)
    render_tools
  end

  private

  def render_tools = render(partial: "class_tools/list", locals: { tools: sitting.class_tools.standing })
end
