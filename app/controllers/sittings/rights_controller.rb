# What the class, or one student, may do on the devices.
class Sittings::RightsController < Sittings::BaseController
  layout false

  def show = nil

  def update
    raise Usher::Invalid, "This lesson is not held any more. Open Teach again." if sitting.ended?
    @seat = sitting.seats.find(params[:seat]) if params[:seat]
    (@seat || sitting).allow(names)
    render :show
  end

  private

  # A preset, single rights, or (for one student) what the class may.
  def names
    return if params[:preset] == "class"
    return Usher::Classroom::Rights::PRESETS.fetch(params[:preset]) { raise Usher::Invalid, "Choose one of those." } if params[:preset]
    Array(params[:rights]).map(&:to_s)
  end
end
