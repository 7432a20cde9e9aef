require "tmpdir"

module Usher
  module Formats
    module Pdf
      # Makes a PDF with one sheet of A4, lying, for each drawn page, as wide as the sheet, so that
      # millimetres on the page are millimetres on paper; text stays text.
      class Writer
        WIDTH, HEIGHT = 297.0, 210.0

        # documents: SVG documents from Page::Drawing.document. Answers with the PDF's bytes.
        def self.write(documents)
          raise Invalid, "There are no pages to print." if documents.empty?
          Dir.mktmpdir("usher-pdf") do |folder|
            files = documents.each_with_index.map do |document, index|
              File.join(folder, format("%04d.svg", index)).tap { |file| File.write(file, document) }
            end
            Rsvg.run("-f", "pdf", "--page-width", "#{WIDTH}mm", "--page-height", "#{HEIGHT}mm", "--width", "#{WIDTH}mm", "--height", "#{high}mm", "--top", "#{(HEIGHT - high) / 2}mm", *files)
          end
        end

        # A page's height on paper, in millimetres.
        def self.high = WIDTH * Page::SIZE[1] / Page::SIZE[0]
        private_class_method :high
      end
    end
  end
end
