# Whether a drawing that was made harmless still looks as it did (librsvg draws both, and they are compared); and what is
# kept where it does not: a picture of dots of the file as it came.
class Picture::Faithful
  SIDE = 160 # dots in which both are looked at
  KEPT = 1_600 # dots of the longer side of what is kept instead
  FAR = 40 # of 255, from which a dot is another one
  ALIKE = 0.01 # of the inked dots may be

  # raw: the file's bytes; clean: SVG.
  def initialize(raw, clean = nil)
    @raw, @clean = raw, clean
  end

  # What cannot be drawn as it came is as good as it is.
  def alike?
    before = drawn(@raw) or return true
    after = drawn(@clean) or return false
    before.width == after.width && before.height == after.height && share(before, after) <= ALIKE
  end

  # [PNG, width, height]. Raises Usher::Invalid where it cannot be drawn.
  def dots
    png = draw(@raw, KEPT)
    [ png, *Usher::Formats::Raster.size(png) ]
  rescue Usher::Formats::Tool::Failed
    raise Usher::Invalid, "That drawing is larger than Usher can draw. Save it as PNG, then bring it in again. Nothing was changed."
  end

  private

  def draw(svg, side) = Usher::Formats::Rsvg.run("-f", "png", "-a", "-w", side.to_s, "-h", side.to_s, input: svg, seconds: 15)

  def drawn(svg)
    image = Vips::Image.new_from_buffer(draw(svg, SIDE), "").colourspace(:srgb)
    image.has_alpha? ? image.flatten(background: 255) : image
  rescue Usher::Formats::Tool::Failed, Vips::Error
    nil
  end

  # How many of the dots on which either has something are others.
  def share(before, after)
    inked = ((before < 250).bandor | (after < 250).bandor).avg
    inked.zero? ? 0 : ((before - after).abs > FAR).bandor.avg / inked
  end
end
