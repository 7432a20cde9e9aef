require "open3"

module Usher
  module Formats
    module Png
      # A drawn page as a picture of dots, by the same program and fonts as print.
      class Writer
        # document: SVG from Page::Drawing.document; width: dots. Answers with the PNG's bytes.
        def self.write(document, width:)
          Rsvg.run("-f", "png", "-w", width.to_i.to_s, input: document)
        end
      end
    end
  end
end
