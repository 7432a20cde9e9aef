# Decides by its content what an uploaded file is, and makes it harmless or refuses it in a sentence.
class Asset::Intake
  MAX_BYTES = 500.megabytes
  LIMITS = "Pictures up to #{Picture::Intake::MAX_BYTES / 1.megabyte} MB, sounds, videos and files up to #{MAX_BYTES / 1.megabyte} MB.".freeze
  UNCHANGED = "Nothing was changed.".freeze
  HIDING = /[[:cntrl:]\u200b-\u200f\u202a-\u202e\u2066-\u2069\ufeff]/ # hides letters or turns them round

  ARCHIVES = %w[application/vnd.openxmlformats-officedocument.wordprocessingml.document application/vnd.openxmlformats-officedocument.spreadsheetml.sheet
                application/vnd.openxmlformats-officedocument.presentationml.presentation application/vnd.oasis.opendocument.text application/vnd.oasis.opendocument.spreadsheet
                application/vnd.oasis.opendocument.presentation].freeze
  TEXTS = %w[text/plain text/csv].freeze
  FILMS = %r{\A(audio|video)/|\Aapplication/(ogg|x-matroska|mp4|vnd.rn-realmedia)\z}

  # What is not taken, by its media type, and what to do instead.
  ADVICE = {
    %r{\Aimage/(heic|heif)} => "That photo is in the HEIC format, which browsers do not show. Save or send it as JPEG, then bring it in again.",
    %r{\Aimage/(tiff|bmp|vnd|x-|avif|jp2|jxl)} => "Usher cannot open that kind of picture. Save it as PNG or JPEG, then bring it in again.",
    %r{\Aapplication/(zip|x-rar|x-7z|gzip|x-tar)} => "That is an archive. Unpack it first, then bring in the files."
  }.freeze

  # A file's name without folders, and without what hides or turns letters round.
  def self.plain_name(name, otherwise) = name.to_s.scrub("").gsub(HIDING, "").split(%r{[/\\]}).last.to_s.squish.presence || otherwise

  # only: kinds that are wanted ("picture"), when not every kind is.
  def initialize(upload, only: nil)
    raise Usher::Invalid, "Choose a file first." unless upload.respond_to?(:read) && upload.respond_to?(:size)
    raise Usher::Invalid, "That file is larger than #{MAX_BYTES / 1.megabyte} MB. #{UNCHANGED}" if upload.size > MAX_BYTES
    raise Usher::Invalid, "That file is empty. #{UNCHANGED}" if upload.size.zero?
    @upload, @only = upload, only
    @name = self.class.plain_name(upload.try(:original_filename), "file")
  end

  def asset_attributes
    type = content_type
    attributes = Picture::Intake.reads?(type) ? picture : other(type)
    raise Usher::Invalid, advice(type) unless attributes
    { name: @name.truncate(120), content_type: type, **attributes }
  end

  private

  def other(type) = @only == "picture" ? nil : film(type) || pdf(type) || archive(type) || text(type)

  def picture = { kind: "picture", picture: Picture.new(**Picture::Intake.new(@upload).picture_attributes) }

  def film(type)
    return unless type.match?(FILMS)
    facts = measured
    Usher::Formats::Film.check_end(path, facts)
    still = facts.video? ? frame(Usher::Formats::Film.still(path, at: [ facts.seconds * 0.1, 3 ].min)) : nil
    { kind: facts.video? ? "video" : "sound", picture: still, facts: facts.to_h.stringify_keys, **attached(playing_type(type, facts)) }
  end

  # What was recorded in a browser gets its length first.
  def measured
    Usher::Formats::Film.probe(path)
  rescue Usher::Formats::Film::Endless
    mended = Tempfile.new("usher-mended", binmode: true)
    Usher::Formats::Film.mend(path, to: mended.path)
    @upload, @path = mended, mended.path
    Usher::Formats::Film.probe(path)
  end

  def pdf(type)
    return unless type == "application/pdf"
    reader = Usher::Formats::Pdf::Reader.new(path)
    { kind: "pdf", picture: frame(reader.preview), facts: { "pages" => reader.count }, **attached(type) }
  end

  def archive(type)
    return unless ARCHIVES.include?(type)
    Usher::Formats::Zip.check(path)
    { kind: "file", **attached(type) }
  end

  def text(type) = TEXTS.include?(type) ? { kind: "file", **attached(type) } : nil

  def frame(bytes) = Picture.new(**Picture::Intake.new(StringIO.new(bytes)).picture_attributes.merge(name: @name.truncate(120)))

  def attached(type)
    @upload.rewind
    { file: { io: @upload, filename: @name, content_type: type, identify: false } }
  end

  # A video with no picture is a sound, and a container's usual name is what browsers know.
  def playing_type(type, facts)
    return type if type.match?(%r{\A(audio|video)/(mp4|webm|mpeg|ogg|wav|flac)\z})
    type.include?("matroska") && facts.plays ? (facts.video? ? "video/webm" : "audio/webm") : type
  end

  def path = @path ||= @upload.is_a?(ActionDispatch::Http::UploadedFile) ? @upload.path : spooled

  # Programs that read the file need it to be one.
  def spooled
    @spool = Tempfile.new("usher-intake", binmode: true)
    @upload.rewind
    IO.copy_stream(@upload, @spool)
    @spool.flush.path
  end

  def advice(type)
    ADVICE.find { |pattern, _| type.match?(pattern) }&.last&.then { |words| "#{words} #{UNCHANGED}" } || (Picture::Intake::UNKNOWN if @only == "picture") ||
      "Usher cannot open that kind of file. It takes pictures (PNG, JPEG, GIF, WebP, SVG), sounds, videos, PDF, text and office documents. #{UNCHANGED}"
  end

  # By the first bytes; the name only tells apart what looks the same inside.
  def content_type
    head = StringIO.new(@upload.read(64.kilobytes).to_s.b)
    @upload.rewind
    found = Marcel::MimeType.for(head)
    named = Marcel::MimeType.for(head, name: @name)
    Marcel::Magic.child?(named, found) || found == "application/octet-stream" && named.match?(%r{\Atext/|\A(audio|video)/}) || sounds_only?(found, named) ? named : found
  end

  # WebM and MP4 look the same inside whether they hold a picture or only a voice.
  def sounds_only?(found, named) = named.start_with?("audio/") && %w[video/webm video/mp4 application/x-matroska video/x-matroska].include?(found)
end
