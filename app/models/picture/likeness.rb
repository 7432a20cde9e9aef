# Whether two pictures look the same: dots, or drawings, which librsvg draws. To be used in a process of its own (Forked).
class Picture::Likeness
  SIDE = 160 # dots in which drawings are looked at
  FAR = 40 # of 255, from which a dot is another one
  ALIKE = { false => 0.01, true => 0.02 }.freeze # of the inked dots may be others
  BLUR = 1.5 # dots, in which two programs may draw an edge differently

  # Bytes of a PNG, its longer side so many dots. Raises Usher::Formats::Tool::Failed.
  def self.draw(svg, side) = Usher::Formats::Rsvg.run("-f", "png", "-a", "-w", side.to_s, "-h", side.to_s, input: svg, seconds: 15)

  # Bytes of either.
  def initialize(before, after)
    @before, @after = before, after
  end

  # soft: where they come from different programs. What cannot be drawn as it came is as good as it is.
  def alike?(soft: false)
    before = image(@before) or return true
    after = image(@after, before) or return false
    return false if [ before.width - after.width, before.height - after.height ].any? { |off| off.abs > (soft ? 2 : 0) }
    before, after = [ before, after ].map { |one| one.crop(0, 0, *[ before, after ].map(&:size).transpose.map(&:min)) }
    before, after = [ before, after ].map { |one| one.gaussblur(BLUR) } if soft
    share(before, after) <= ALIKE.fetch(soft)
  end

  private

  # like: whose size a drawing is to have.
  def image(bytes, like = nil)
    bytes = self.class.draw(bytes, like ? [ like.width, like.height ].max : SIDE) unless Usher::Formats::Raster.size(bytes)
    found = Vips::Image.new_from_buffer(bytes, "").colourspace(:srgb)
    found.has_alpha? ? found.flatten(background: 255) : found
  rescue Usher::Formats::Tool::Failed, Vips::Error
    nil
  end

  # How many of the dots on which either has something are others.
  def share(before, after)
    inked = ((before < 245).bandor | (after < 245).bandor).avg
    inked.zero? ? 0 : ((before - after).abs > FAR).bandor.avg / inked
  end
end
