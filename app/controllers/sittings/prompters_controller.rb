# The teacher's own view of a lesson that is held: on a second screen or a phone.
class Sittings::PromptersController < Sittings::BaseController
  layout "prompter"

  def show
    return redirect_to(sitting, notice: "This class has gone.") if sitting.ended?
    return render(partial: "pace") if htmx?
    @showing = sitting.page.showing(Viewer.teaching(sitting))
    @address = SchoolAddress.new(request).prompter(sitting)
  end
end
