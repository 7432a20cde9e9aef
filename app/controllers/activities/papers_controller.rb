# An activity on paper: to be solved with a pencil, or solved.
class Activities::PapersController < ApplicationController
  include Heavy
  for_teachers
  heavy only: :show

  def show
    activity = access.activities.find(params[:activity_id])
    solved = params[:solved].present?
    name = [ activity.title.parameterize.presence || "activity", ("solved" if solved) ].compact.join("-")
    send_data Usher::Formats::Pdf::Writer.write(activity.paper(solved: solved)), type: "application/pdf", disposition: :inline, filename: "#{name}.pdf"
  end
end
