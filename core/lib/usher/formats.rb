module Usher
  # Files in and out. One folder a format.
  module Formats
    # Text with its looks, from outside.
    module Html
      autoload :Article, "usher/formats/html/article"
      autoload :Embed, "usher/formats/html/embed"
      autoload :Reader, "usher/formats/html/reader"
      autoload :Table, "usher/formats/html/table"
    end

    autoload :Maths, "usher/formats/maths"
    autoload :Metafile, "usher/formats/metafile"

    autoload :Film, "usher/formats/film"

    autoload :PackedFont, "usher/formats/packed_font"
    autoload :PictureFaces, "usher/formats/picture_faces"

    # A lesson as PDF, and the pages of others'.
    module Pdf
      autoload :Blends, "usher/formats/pdf/blends"
      autoload :Reader, "usher/formats/pdf/reader"
      autoload :Writer, "usher/formats/pdf/writer"
    end

    # Pages as pictures.
    module Png
      autoload :Writer, "usher/formats/png/writer"
    end

    autoload :Raster, "usher/formats/raster"
    autoload :Rsvg, "usher/formats/rsvg"
    autoload :Sharp, "usher/formats/sharp"

    autoload :Slides, "usher/formats/slides"

    # Drawings from outside.
    module Svg
      autoload :Allowed, "usher/formats/svg/allowed"
      autoload :Entities, "usher/formats/svg/entities"
      autoload :Extent, "usher/formats/svg/extent"
      autoload :Held, "usher/formats/svg/held"
      autoload :Inlined, "usher/formats/svg/inlined"
      autoload :OwnFonts, "usher/formats/svg/own_fonts"
      autoload :Reader, "usher/formats/svg/reader"
      autoload :Source, "usher/formats/svg/source"
      autoload :Styles, "usher/formats/svg/styles"
      autoload :TextPage, "usher/formats/svg/text_page"
      autoload :Unfolding, "usher/formats/svg/unfolding"
    end

    autoload :Tool, "usher/formats/tool"
    autoload :Zip, "usher/formats/zip"
  end
end
