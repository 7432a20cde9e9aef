module Fidelity
  # How a file of each kind is brought in and what it is compared with. A kind yields for each page the picture of it in
  # Usher, that of another renderer, and the words of both.
  class Kind
    Page = Struct.new(:ours, :reference, :words, :found)
    WORD = /[\p{L}\p{N}]/ # what is only a sign before a line is none

    def initialize(teacher, path)
      @teacher, @path = teacher, path
    end

    # What is brought in; raises Usher::Invalid where it is refused.
    def bring = @asset = File.open(@path, "rb") { |file| @teacher.assets.take_in(ActionDispatch::Http::UploadedFile.new(tempfile: file, filename: File.basename(@path))) }

    # Seconds that bringing in took, for each page of it.
    def pages = []

    # "right", "small" or "broken".
    def judge(page) = graded(Look.compare(page.ours, page.reference)[:ink], 0.02, 0.1)

    private

    def graded(off, right, small) = off < right ? "right" : off < small ? "small" : "broken"
    def drawn(svg) = Usher::Formats::Rsvg.run("-f", "png", "-a", "-w", Look::WIDTH.to_s, input: svg)

    # Pages of a PDF as poppler draws them.
    def papers(pdf)
      Dir.mktmpdir do |folder|
        system("pdftocairo", "-png", "-cropbox", "-scale-to-x", (Look::WIDTH * 2).to_s, "-scale-to-y", "-1", pdf, File.join(folder, "page"), err: File::NULL)
        Dir[File.join(folder, "*.png")].sort.map { |file| File.binread(file) }
      end
    end

    def words_of(pdf, number) = Open3.capture2("pdftotext", "-f", number.to_s, "-l", number.to_s, pdf, "-", err: File::NULL)[0].scrub.split.grep(WORD)

    # All pages in a lesson of their own.
    def lesson
      @lesson ||= Lesson.start(teacher: @teacher, title: "In").tap do |lesson|
        import = Import.start(lesson, @asset, after: lesson.pages.first, wanted: "all")
        import.run
        raise Usher::Invalid, import.note if import.state == "failed"
      end
    end

    def imported = lesson.pages.reload.drop(1)
    def shown(page) = Usher::Formats::Png::Writer.write(page.showing(Viewer.preparing(page.lesson)).document, width: Look::WIDTH * 2)
  end

  class Drawing < Kind
    ENDINGS = %w[svg svgz].freeze

    def pages
      raw = File.binread(@path)
      picture = @asset.picture
      bytes = picture.file.download
      yield Page.new(picture.photo? ? bytes : drawn(bytes), drawn(raw), [], [])
    rescue Usher::Formats::Tool::Failed
      nil # that no standard renderer shows
    end

    def judge(page) = graded(Look.compare(page.ours, page.reference, soft: false)[:ink], 0.01, 0.1)
  end

  # Lists of drawing commands, as LibreOffice draws them on a paper of its own; edges may be a little elsewhere.
  class Metafile < Kind
    ENDINGS = %w[emf wmf].freeze

    def pages
      Dir.mktmpdir do |folder|
        reference = Office.convert(@path, "png", folder) or next
        picture = @asset.picture
        ours = picture.photo? ? picture.file.download : drawn(picture.file.download)
        yield Page.new(*[ ours, File.binread(reference) ].map { |bytes| Look.trimmed(bytes) }, [], [])
      end
    end

    def judge(page) = graded(Look.compare(page.ours, page.reference)[:mean], 4, 12)
  end

  class Paper < Kind
    ENDINGS = %w[pdf].freeze

    def pages
      references = papers(@path)
      imported.each_with_index { |page, index| yield Page.new(shown(page), references[index], words_of(@path, index + 1), Array(Picture.find(page.style["measures"]["picture"]).lines).flat_map { |line| line.last.split }) }
    end
  end

  # A slide may be a little different: the faces are our own.
  class Deck < Kind
    ENDINGS = %w[pptx ppsx potx pptm odp otp].freeze

    def pages
      Dir.mktmpdir do |folder|
        pdf = Office.convert(@path, "pdf", folder, how: Office::WHOLE) or next
        references = papers(pdf)
        imported.each_with_index { |page, index| references[index] && yield(Page.new(shown(page), references[index], words_of(pdf, index + 1), page.items.reload.flat_map { |row| row.placed.item.words.to_s.delete("\u200e\u200f").split })) }
      end
    end

    def judge(page) = graded(Look.compare(page.ours, page.reference)[:mean], 4, 12)
  end

  class Film < Kind
    ENDINGS = %w[mp4 m4v mov mkv webm avi wmv asf flv f4v ts mts m2ts dv mxf mpg mpeg vob 3gp ogv ogg oga mp3 m4a aac ac3 eac3 dts flac wav aiff aif au wma wv tta opus amr caf mka mp2 spx w64 voc h264 swf].freeze

    # It plays, or its copy does, as long as it is.
    def pages
      @asset.make_copy unless @asset.plays?
      yield Page.new(@asset.reload, nil, [], [])
    end

    def judge(page)
      page.ours.plays? || page.ours.copy.attached? && page.ours.copy.open { |file| Usher::Formats::Film.probe(file.path) }.then { |facts| facts.plays && (facts.seconds - page.ours.seconds).abs < 0.7 } ? "right" : "broken"
    end
  end

  class Photo < Kind
    ENDINGS = %w[jpg jpeg png webp gif].freeze

    def pages
      upright = Forked.run { Vips::Image.new_from_file(@path).autorot.pngsave_buffer }
      yield Page.new(@asset.picture.file.download, upright, [], [])
    end
  end

  KINDS = [ Drawing, Metafile, Paper, Deck, Film, Photo ].freeze

  # The kind of a file by its ending, or nil.
  def self.kind_of(path) = KINDS.find { |kind| kind::ENDINGS.include?(File.extname(path).delete_prefix(".").downcase) }
end
