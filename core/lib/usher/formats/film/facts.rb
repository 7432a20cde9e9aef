module Usher
  module Formats
    module Film
      # seconds; width and height in dots as it is shown (0 for a sound); rate in bits a second; plays: browsers play it as
      # it is; sound: whether there is any; kept: which of "video" and "audio" go into a copy as they are.
      Facts = Struct.new(:seconds, :width, :height, :rate, :plays, :sound, :kept, keyword_init: true) do
        def video? = width.positive?
        def heavy? = video? && (rate > COPY_RATE * 2 || [ width, height ].max > SIDE)
        def keeps?(stream) = Array(kept).include?(stream)
      end
    end
  end
end
