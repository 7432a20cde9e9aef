require "vips"

module Fidelity
  # How far two pictures are from each other.
  module Look
    WIDTH = 480 # dots
    FAR = 40 # of 255, from which a dot is another one

    module_function

    # { mean: of 255, ink: share of the inked dots that are others }, of two pictures' bytes. soft: where different programs
    # drew them. In a process of its own, as libvips is always used in Usher.
    def compare(one, other, soft: true) = Forked.run { differ(open(one), open(other), soft) }

    # Both beside each other, into a file.
    def keep(one, other, file) = Forked.run { open(one).join(open(other), :horizontal, expand: true, shim: 8).write_to_file(file) && nil }

    # What is drawn in it, without the paper around.
    def trimmed(bytes)
      Forked.run do
        image = Vips::Image.new_from_buffer(bytes, "").colourspace(:srgb)
        image = image.flatten(background: 255) if image.has_alpha?
        image.crop(*image.find_trim(threshold: 10, background: [ 255, 255, 255 ])).pngsave_buffer
      end
    end

    # On white, WIDTH dots wide.
    def open(bytes)
      image = Vips::Image.thumbnail_buffer(bytes, WIDTH, height: 4_000, size: :both).colourspace(:srgb).copy_memory
      image = image.flatten(background: 255) if image.has_alpha?
      image.extract_band(0, n: 3)
    end

    def differ(one, other, soft)
      height = [ one.height, other.height ].max
      one, other = [ one, other ].map { |image| image.embed(0, 0, WIDTH, height, extend: :white) }
      mean = (one - other).abs.avg
      one, other = [ one, other ].map { |image| image.gaussblur(1.5) } if soft
      inked = ((one < 245).bandor | (other < 245).bandor).avg
      { mean: mean, ink: inked.zero? ? 0.0 : ((one - other).abs > FAR).bandor.avg / inked }
    end
  end
end
