# The page, small, as a picture: light for a browser however much lies on the page. Made once for
# each state of the page, as it was prepared or in another layer.
module Page::Thumbnail
  LONGER = 480 # dots

  def thumbnail(layer = prepared)
    Rails.cache.fetch([ "thumbnail", id, seq, *(layer.id unless layer.prepared?) ], expires_in: 1.day) do
      Usher::Formats::Png::Writer.write(showing(Viewer.room(layer)).document, width: LONGER * width / size.max)
    end
  end
end
