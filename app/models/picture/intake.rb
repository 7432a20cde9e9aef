# Decides whether an uploaded file is a picture, by its content, and makes it harmless: photos are
# decoded and written anew without their position and other notes, drawings are cleaned by the core.
class Picture::Intake
  Svg = Usher::Formats::Svg
  MAX_BYTES = 20.megabytes
  MAX_PIXELS = 60_000_000
  SIDE = 2_400
  DOTS = 1_600 # of the longer side of a drawing that is kept as dots
  UNKNOWN = "That file is not a picture Usher can open (PNG, JPEG, GIF, WebP, SVG, EMF or WMF). Nothing was changed.".freeze

  BROKEN = "That picture is broken: Usher could not read it to the end. Nothing was changed.".freeze

  READERS = {
    "image/png" => :photo, "image/jpeg" => :photo, "image/gif" => :photo, "image/webp" => :photo,
    "image/svg+xml" => :drawing, "application/xml" => :drawing, "text/xml" => :drawing, "image/emf" => :metafile, "image/wmf" => :metafile
  }.freeze
  PACKED = "application/gzip".freeze # as drawings may be

  def initialize(upload)
    raise Usher::Invalid, "Choose a picture first." unless upload.respond_to?(:read) && upload.respond_to?(:size)
    raise Usher::Invalid, "That file is larger than #{MAX_BYTES / 1.megabyte} MB. Nothing was changed." if upload.size > MAX_BYTES
    @bytes = upload.read.to_s.b
    @name = Asset::Upload.plain_name(upload.try(:original_filename), "picture")
  end

  def self.reads?(type) = READERS.key?(type)

  def picture_attributes
    type = Marcel::MimeType.for(StringIO.new(@bytes))
    reader = type == PACKED ? packed : READERS[type]
    raise Usher::Invalid, UNKNOWN unless reader
    bytes, type, width, height, dropped = Forked.run { send(reader) }
    { name: @name.truncate(120), content_type: type, width: width, height: height, dropped: dropped,
      file: { io: StringIO.new(bytes), filename: "picture", content_type: type, identify: false } }
  end

  private

  def packed = Usher::Formats::Metafile.reads?(@bytes) ? :metafile : :drawing

  def metafile
    @bytes = Usher::Formats::Metafile.svg(@bytes)
    drawing
  end

  # As dots where it is too much for a drawing, or would not look the same.
  def drawing
    came, @bytes = @bytes, Svg::OwnFonts.outlined(@bytes)
    clean = Svg::Reader.read(@bytes)
    dropped = @bytes.equal?(came) ? clean.dropped : Svg::Reader.read(came, largest: MAX_BYTES).dropped
    kept = [ clean.svg, "image/svg+xml", clean.width, clean.height, dropped ]
    Picture::Likeness.new(@bytes, clean.svg).alike? ? kept : dotted(dropped) || kept
  rescue Svg::Reader::TooMuch
    dotted or raise Usher::Invalid, "That drawing is larger than Usher can draw. Save it as PNG, then bring it in again. Nothing was changed."
  end

  # nil where it cannot be drawn so large.
  def dotted(dropped = [])
    png = Picture::Likeness.draw(@bytes, DOTS)
    [ png, "image/png", *Usher::Formats::Raster.size(png), dropped ]
  rescue Usher::Formats::Tool::Failed
    nil
  end

  def photo
    raise Usher::Invalid, BROKEN if cut_off?
    header = Vips::Image.new_from_buffer(@bytes, "")
    raise Usher::Invalid, "That picture has too many pixels (#{header.width} by #{header.height}). Make it smaller first." if header.width * header.height > MAX_PIXELS
    image = Vips::Image.thumbnail_buffer(@bytes, SIDE, height: SIDE, size: :down, fail_on: :truncated)
    by = Usher::Formats::Sharp.by(image.width, image.height, @bytes)
    return [ image.colourspace(:srgb).zoom(by, by).pngsave_buffer(strip: true), "image/png", image.width, image.height ] if by # as large as it came
    clear = image.has_alpha?
    bytes = clear ? image.pngsave_buffer(strip: true) : image.jpegsave_buffer(Q: 88, strip: true)
    [ bytes, clear ? "image/png" : "image/jpeg", image.width, image.height ]
  rescue Vips::Error
    raise Usher::Invalid, BROKEN
  end

  # Whether its end is missing, which libraries would fill with grey: a JPEG's after its last scan (ITU-T T.81, B.1.1.3),
  # a PNG's last chunk (ISO/IEC 15948, 11.2.5) and dots before it, a WebP's as long as it says.
  def cut_off?
    case @bytes
    when /\A\xFF\xD8/n then @bytes.rindex("\xFF\xD9".b).to_i < @bytes.rindex("\xFF\xDA".b).to_i
    when /\A\x89PNG/n then !@bytes.include?("IEND") && !whole?
    when /\ARIFF/n then @bytes.bytesize < @bytes[4, 4].unpack1("V").to_i
    end
  end

  # Whether every dot is there.
  def whole?
    Vips::Image.new_from_buffer(@bytes, "", access: :sequential, fail_on: :truncated).avg
  rescue Vips::Error
    false
  end
end
