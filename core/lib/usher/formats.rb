module Usher
  # Files in and out. One folder a format.
  module Formats
    # Text with its looks, from outside.
    module Html
      autoload :Reader, "usher/formats/html/reader"
      autoload :Table, "usher/formats/html/table"
    end

    autoload :Maths, "usher/formats/maths"

    # A lesson as PDF.
    module Pdf
      autoload :Writer, "usher/formats/pdf/writer"
    end

    # Pages as pictures.
    module Png
      autoload :Writer, "usher/formats/png/writer"
    end

    autoload :Rsvg, "usher/formats/rsvg"

    # Drawings from outside.
    module Svg
      autoload :Reader, "usher/formats/svg/reader"
    end
  end
end
