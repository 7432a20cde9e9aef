# The page, small: the same drawing in a small box.
class Pages::ThumbnailsController < Pages::BaseController
  layout false

  def show = fresh_when(etag: [ page, page.seq ])
end
