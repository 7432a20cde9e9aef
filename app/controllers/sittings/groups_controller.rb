# Groups of the class: by chance, by hand, as a draw has made them; what each may do.
class Sittings::GroupsController < Sittings::BaseController
  layout false

  def show = nil

  def create
    if params[:tool] then sitting.group_by_lists(sitting.class_tools.find(params[:tool]).then { |tool| tool.kind == "teams" ? tool.tool.state["teams"] : raise(Usher::Invalid, "These are no teams.") })
    else sitting.group_by_chance(Integer(params[:count].to_s, 10, exception: false))
    end
    render :show
  end

  # One student into another group, or what a group may.
  def update
    if params[:seat]
      sitting.seats.find(params[:seat]).then { |seat| seat.join_group(params[:group]) }
    else
      sitting.members(params[:group]).each { |seat| seat.allow(Usher::Classroom::Rights::PRESETS.fetch(params[:preset]) { raise Usher::Invalid, "Choose one of those." }) }
    end
    render :show
  end

  def destroy
    sitting.no_groups
    render :show
  end
end
