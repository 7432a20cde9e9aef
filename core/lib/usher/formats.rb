module Usher
  # Files in and out. One folder a format.
  module Formats
    # A lesson as PDF.
    module Pdf
      autoload :Writer, "usher/formats/pdf/writer"
    end

    # Drawings from outside.
    module Svg
      autoload :Reader, "usher/formats/svg/reader"
    end
  end
end
