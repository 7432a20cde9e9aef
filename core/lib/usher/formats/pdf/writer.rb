require "tmpdir"

module Usher
  module Formats
    module Pdf
      # Makes a PDF with one page for each drawn page; text stays text.
      class Writer
        # documents: SVG documents from Page::Drawing.document. Answers with the PDF's bytes.
        def self.write(documents)
          raise Invalid, "There are no pages to print." if documents.empty?
          Dir.mktmpdir("usher-pdf") do |folder|
            files = documents.each_with_index.map do |document, index|
              File.join(folder, format("%04d.svg", index)).tap { |file| File.write(file, document) }
            end
            Rsvg.run("-f", "pdf", *files)
          end
        end
      end
    end
  end
end
