# The answers become a thing on the page they are about, which grows as they come.
class Polls::ThingsController < Polls::BaseController
  def create
    poll.put_on_page(by: teacher)
    head :no_content
  end
end
