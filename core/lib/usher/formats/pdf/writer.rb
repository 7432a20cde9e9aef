require "tmpdir"

module Usher
  module Formats
    module Pdf
      # Makes a PDF with one sheet of A4 for each drawn page, lying or upright as the page is, and as
      # large on it as it goes; one that fills the longer side of the sheet has its millimetres true.
      # Text stays text.
      class Writer
        A4 = [ 297.0, 210.0 ].freeze # millimetres, lying

        # documents: SVG documents from Page::Drawing.document. Answers with the PDF's bytes.
        def self.write(documents)
          raise Invalid, "There are no pages to print." if documents.empty?
          Dir.mktmpdir("usher-pdf") { |folder| new(documents, folder).bytes }
        end

        def initialize(documents, folder)
          @documents, @folder = documents, folder
        end

        # Neighbours of one size are drawn together, because the drawing program takes one size of sheet.
        def bytes
          parts = @documents.each_with_index.chunk_while { |(before, _), (after, _)| size(before) == size(after) }.map { |same| sheets(same) }
          return parts.first if parts.one?
          united = path("united.pdf")
          Tool.run("pdfunite", *parts.each_with_index.map { |part, index| path(format("part-%04d.pdf", index)).tap { |file| File.binwrite(file, part) } }, united, seconds: 60)
          File.binread(united)
        end

        private

        # [[document, index], ...] of one size as the bytes of a PDF.
        def sheets(same)
          files = same.map { |document, index| path(format("%04d.svg", index)).tap { |file| File.write(file, document) } }
          paper, page, margins = layout(*size(same.first.first))
          Rsvg.run("-f", "pdf", "--page-width", mm(paper[0]), "--page-height", mm(paper[1]), "--width", mm(page[0]), "--height", mm(page[1]), "--left", mm(margins[0]), "--top", mm(margins[1]), *files)
        end

        # The sheet, the page on it and what is left beside and above it, in millimetres.
        def layout(width, height)
          paper = width < height ? A4.reverse : A4
          scale = [ paper[0] / width, paper[1] / height ].min
          page = [ width * scale, height * scale ]
          [ paper, page, paper.zip(page).map { |sheet, drawn| (sheet - drawn) / 2 } ]
        end

        # A document's own width and height.
        def size(document) = document[/\A<svg[^>]*>/].scan(/ (?:width|height)="([\d.]+)"/).flatten.map(&:to_f)

        def path(name) = File.join(@folder, name)
        def mm(length) = "#{length.round(3)}mm"
      end
    end
  end
end
