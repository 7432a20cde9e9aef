# The page, small. Its address names the state it shows, so a browser keeps it.
class Pages::ThumbnailsController < Pages::BaseController
  def show
    expires_in 1.year, public: false
    send_data page.thumbnail, type: "image/png", disposition: :inline
  end
end
