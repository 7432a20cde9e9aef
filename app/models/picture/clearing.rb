# Takes a colour out of a picture: a new picture that is clear where this one has that colour.
module Picture::Clearing
  extend ActiveSupport::Concern

  SIDE = 1_600 # dots in which a drawing is looked at
  SOFT = 12 # on either side of the limit, in which it fades

  class_methods do
    def clearing_of(picture, colour, tolerance) = "cleared:#{picture.id}:#{colour}:#{tolerance}"
  end

  # colour: "#rrggbb"; tolerance: how far off a colour may be and still go, in CIE76's units. The same
  # question again answers with the same picture, of this teacher's.
  def cleared_of(colour, tolerance, by: teacher)
    colour = Usher::Types::Colour.new.call(colour)
    tolerance = Usher::Types::Number.new(2..80, digits: 0).call(tolerance)
    origin = self.class.clearing_of(self, colour, tolerance)
    by.pictures.find_by(origin: origin) || self.class.take_in_bytes(Forked.run { without(colour, tolerance) }, teacher: by, name: name, origin: origin)
  end

  # "#rrggbb" at a place in shares of it.
  def colour_at(across, down)
    dots = flat
    spot = dots.getpoint(*[ across * dots.width, down * dots.height ].zip([ dots.width, dots.height ]).map { |n, side| n.floor.clamp(0, side - 1) })
    format("#%02x%02x%02x", *spot.first(3).map { |part| part.round.clamp(0, 255) })
  end

  private

  def without(colour, tolerance)
    dots = flat
    wanted = dots.new_from_image(colour.scan(/\h\h/).map(&:hex)).copy(interpretation: :srgb)
    distance = dots.extract_band(0, n: 3).copy(interpretation: :srgb).dE76(wanted)
    kept = ((distance - (tolerance - SOFT / 2.0)) * (255.0 / SOFT)).cast(:uchar)
    alpha = dots.bands > 3 ? (kept * dots.extract_band(3) / 255).cast(:uchar) : kept
    dots.extract_band(0, n: 3).bandjoin(alpha).copy(interpretation: :srgb).pngsave_buffer(strip: true)
  end

  # As dots with three or four bands.
  def flat
    bytes = photo? ? file.download : Usher::Formats::Png::Writer.write(file.download, width: SIDE)
    Vips::Image.new_from_buffer(bytes, "").colourspace(:srgb)
  end
end
