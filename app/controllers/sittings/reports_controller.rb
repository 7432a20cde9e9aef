# What is left of a lesson that was held: on a page, and as CSV.
class Sittings::ReportsController < Sittings::BaseController
  def show
    @report = Sitting::Report.new(sitting)
    respond_to do |format|
      format.html
      format.csv { send_data @report.to_csv, filename: "#{[ sitting.lesson.title, sitting.name ].join(' ').parameterize.presence || 'class'}.csv" }
    end
  end
end
