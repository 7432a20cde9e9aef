require "nokogiri"
require "tmpdir"

module Usher
  module Formats
    module Pdf
      # Pages of a PDF, through poppler: each as a sharp drawing where that is small enough, else as dots,
      # with its text and where it stands.
      class Reader
        MOST_PAGES = 500
        LARGEST_DRAWING = 3_000_000 # bytes, from which on dots are lighter
        DOTS = 150 # to an inch
        MOST_LINES = 2_000
        TOGETHER = 2 # pages at once: programs draw them
        SEEN = "-cropbox" # what a page shows, without the printer's marks about it; a drawing is cut so anyway

        # content: bytes; type: their media type; width, height: of the page, in units of its own; lines: [[left, top, width, height,
        # words], ...] in shares of the page; sure: whether it looks as it does on paper for certain, as words and lines do;
        # of other drawings poppler's masks and blends may not come out.
        Sheet = Struct.new(:content, :type, :width, :height, :lines, :sure)

        # path: of the file. Raises Invalid when it is locked, broken or has too many pages.
        def initialize(path)
          @path = path
          @count = info[/^Pages:\s*(\d+)/, 1].to_i
          raise Invalid, "That PDF has no pages Usher can read. Nothing was changed." if @count.zero?
          raise Invalid, "That PDF has #{@count} pages. Usher takes #{MOST_PAGES} at once: split it first." if @count > MOST_PAGES
        end

        # How many pages it has.
        attr_reader :count

        # The Sheet with this number, counted from one.
        def sheet(number) = sheets(number..number).first

        # Those of several pages, which is quicker than one by one.
        def sheets(numbers)
          raise Invalid, "That PDF has no page #{numbers.end}." unless numbers.begin >= 1 && numbers.end <= @count
          numbers.zip(lines(numbers)).each_slice(TOGETHER).flat_map { |some| some.map { |one| Thread.new(*one) { |number, lines| made(number, lines) } }.map(&:value) }
        end

        # The same page as dots.
        def dotted(number, lines)
          bytes = dots(number, DOTS)
          width, height = Raster.size(bytes)
          Sheet.new(bytes, "image/jpeg", width * 72.0 / DOTS, height * 72.0 / DOTS, lines, true)
        rescue Tool::Failed
          raise Invalid, "Page #{number} of that PDF is broken."
        end

        # The page as JPEG, with so many dots to an inch.
        def dots(number, density)
          Dir.mktmpdir("usher-page") do |folder|
            poppler("pdftocairo", "-jpeg", SEEN, "-r", density, "-singlefile", number..number, File.join(folder, "page"))
            File.binread(File.join(folder, "page.jpg"))
          end
        end

        # The first page as a small JPEG's bytes.
        def preview
          dots(1, 50)
        rescue Tool::Failed
          raise Invalid, "That PDF is broken: Usher could not read it. Nothing was changed."
        end

        private

        def info
          Tool.run("pdfinfo", @path, seconds: 20)
        rescue Tool::Failed => error
          raise Invalid, "That PDF is locked with a password. Save it without one, then bring it in again. Nothing was changed." if error.message.match?(/password/i)
          raise Invalid, "That PDF is broken: Usher could not read it. Nothing was changed."
        end

        def made(number, lines)
          Thread.current.report_on_exception = false # it is raised where it is waited for
          drawn(number, lines) || dotted(number, lines)
        end

        # nil where dots are lighter, or it cannot be kept safely.
        def drawn(number, lines)
          svg = Blends.read(poppler("pdftocairo", "-svg", number..number, "-").force_encoding("UTF-8"))
          return if svg.bytesize > LARGEST_DRAWING
          page = Svg::TextPage.read(svg, largest: LARGEST_DRAWING)
          read = page || Svg::Reader.read(svg, largest: LARGEST_DRAWING, parts: 60_000)
          Sheet.new(read.svg, "image/svg+xml", read.width, read.height, lines, !page.nil?)
        rescue Invalid, Tool::Failed
          nil
        end

        # Of each of these pages.
        def lines(numbers)
          pages = Nokogiri::HTML(poppler("pdftotext", "-bbox-layout", SEEN, numbers, "-").scrub).css("page")
          numbers.each_with_index.map { |_, index| pages[index] ? lines_of(pages[index]) : [] }
        rescue Tool::Failed
          numbers.map { [] }
        end

        def lines_of(page)
          width, height = page["width"].to_f, page["height"].to_f
          page.css("line").first(MOST_LINES).filter_map do |line|
            words = line.css("word").map(&:text).join(" ").unicode_normalize(:nfc).strip
            left, top, right, bottom = %w[xmin ymin xmax ymax].map { |side| line[side].to_f }
            [ left / width, top / height, (right - left) / width, (bottom - top) / height ].map { |share| share.round(5) }.push(words[0, 500]) unless words.empty?
          end
        end

        def poppler(program, *options, numbers, to) = Tool.run(program, "-f", numbers.begin, "-l", numbers.end, *options, @path, to, seconds: 30)
      end
    end
  end
end
