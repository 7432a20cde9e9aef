# The answers become a page of the lesson, behind the one they are about.
class Polls::PagesController < Polls::BaseController
  def create
    poll.make_page
    head :no_content
  end
end
