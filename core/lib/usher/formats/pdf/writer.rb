require "open3"
require "tmpdir"

module Usher
  module Formats
    module Pdf
      # Makes a PDF with one page for each drawn page; text stays text. Drawn by rsvg-convert
      # (librsvg) with the shipped fonts and no others, so that print looks like the board.
      class Writer
        class Failed < StandardError
        end

        # documents: SVG documents from Page::Drawing.document. Answers with the PDF's bytes.
        def self.write(documents)
          raise Invalid, "There are no pages to print." if documents.empty?
          Dir.mktmpdir("usher-pdf") do |folder|
            files = documents.each_with_index.map do |document, index|
              File.join(folder, format("%04d.svg", index)).tap { |file| File.write(file, document) }
            end
            output = File.join(folder, "out.pdf")
            _, problem, status = Open3.capture3({ "FONTCONFIG_FILE" => fontconfig(folder) }, "rsvg-convert", "-f", "pdf", "--unlimited", "-o", output, *files)
            raise Failed, problem.lines.first.to_s.strip unless status.success?
            File.binread(output)
          end
        end

        def self.fontconfig(folder)
          cache = File.join(Dir.tmpdir, "usher-fontconfig")
          File.join(folder, "fonts.conf").tap do |file|
            File.write(file, <<~XML)
              <?xml version="1.0"?>
              <!DOCTYPE fontconfig SYSTEM "fonts.dtd">
              <fontconfig><dir>#{Text::Faces::ROOT}</dir><dir>/usr/share/fonts/truetype/andika</dir><cachedir>#{cache}</cachedir></fontconfig>
            XML
          end
        end
        private_class_method :fontconfig
      end
    end
  end
end
