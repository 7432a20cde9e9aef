# The page, small, as a picture: light for a browser however much lies on the page. Made once for
# each state of the page.
module Page::Thumbnail
  LONGER = 480 # dots

  def thumbnail
    Rails.cache.fetch([ "thumbnail", id, seq ], expires_in: 1.day) do
      Usher::Formats::Png::Writer.write(showing(Viewer.room(prepared)).document, width: LONGER * width / size.max)
    end
  end
end
