# What a framed page loads: the page itself where its host is allowed, or a page that says why not. Answers
# from here have no power in Usher's own origin, whatever they hold.
class FramesController < ApplicationController
  for_teachers_and_students only: :show

  def show
    address = reach { |access| access.framed(params[:address].to_s) }
    page = Outside.web.page(address)
    return redirect_to(address, allow_other_host: true) if page.nil? && framing_teacher.frames?(address)
    response.headers["Content-Security-Policy"] = "sandbox; default-src 'none'; img-src data:; style-src 'unsafe-inline'"
    @title, @html = page ? [ page.title, framed(page) ] : [ "Not allowed", nil ]
    render layout: false
  end

  private

  def framing_teacher = teacher || seat.sitting.lesson.teacher

  # Cleaned, with its pictures inside it: a closed-off frame is given no cookies to fetch them with.
  def framed(page) = Usher::Formats::Html::Article.clean(page.html) { |address| Outside.picture_address(address) }
end
