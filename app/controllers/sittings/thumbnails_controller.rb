# A page, small, as a class left it. Its address names the state it shows, so a browser keeps it.
class Sittings::ThumbnailsController < Sittings::BaseController
  def show
    page = sitting.lesson.pages.find(params[:page_id])
    expires_in 1.year, public: false
    send_data page.thumbnail(sitting.layer), type: "image/png", disposition: :inline
  end
end
