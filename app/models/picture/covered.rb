# A picture with parts of it blank, for devices and readers who may not see what lies under covers there.
# Blank in its dots, not only drawn over.
module Picture::Covered
  DOTS = 1_600 # the longer side
  QUALITY = 85
  MAKING = Mutex.new # a class asks for the same one at the same moment, and it is made once

  # Bytes of a PNG, or of a JPEG where it is one. parts: as Usher::Veil has them.
  def covered(parts)
    MAKING.synchronize { Rails.cache.fetch([ "covered", id, parts ], expires_in: 1.day) { Forked.run { blanked(parts) } } }
  end

  def covered_type = content_type == "image/jpeg" ? content_type : "image/png"

  private

  def blanked(parts)
    longer = [ width, height ].max
    dots = photo? ? longer.clamp(Usher::Formats::Sharp::SIDE, DOTS) : DOTS
    png = Usher::Formats::Png::Writer.write(Usher::Veil.draw(data_address, width, height, parts), width: [ dots * width / longer, 1 ].max)
    return png if covered_type == "image/png"
    image = Vips::Image.new_from_buffer(png, "")
    (image.has_alpha? ? image.flatten : image).jpegsave_buffer(Q: QUALITY)
  end
end
