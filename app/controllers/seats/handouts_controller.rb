# What the teacher has sent to this seat is opened: a page to look at, a file, a link.
class Seats::HandoutsController < Seats::BaseController
  def show
    handout = student_access.handouts.find(params[:id])
    handout.open_by(seat)
    return render(partial: "seats/sendings/page", locals: { handout: handout, showing: handout.page.showing(seat.viewer) }) if handout.page
    redirect_to handout.asset ? stored_file_path(handout.asset) : handout.address, allow_other_host: true
  end
end
