# A file on its way in: what its content says it is, where programs can read it, and a name that misleads
# nobody.
class Asset::Upload
  HEAD = 64.kilobytes
  DRAWING = "image/svg+xml".freeze

  # A file's name without folders, and without what hides or turns letters round.
  def self.plain_name(name, otherwise) = PlainName.of(name.to_s.scrub("").split(%r{[/\\]}).last).presence || otherwise

  delegate :read, :rewind, :size, to: :@io

  attr_reader :name

  # io: what a form sent, or anything that reads, rewinds and has a size.
  def initialize(io, name: nil)
    @io, @name = io, name || self.class.plain_name(io.try(:original_filename), "file")
  end

  # The same file, written anew.
  def with(io) = self.class.new(io, name: name)

  alias original_filename name

  # Its media type by the first bytes; the name only tells apart what looks the same inside.
  def type = @type ||= packed_drawing? ? DRAWING : known_by_name? ? named : found

  # Programs that read it need a file.
  def path = @path ||= @io.is_a?(ActionDispatch::Http::UploadedFile) || @io.is_a?(Tempfile) ? @io.path : spooled

  # What keeps it, as attributes of an asset.
  def attached(type)
    rewind
    { file: { io: @io, filename: name, content_type: type, identify: false } }
  end

  # A picture of it, from bytes.
  def likeness(bytes) = Picture.new(**Picture::Intake.new(StringIO.new(bytes)).picture_attributes, name: name.truncate(120))

  private

  def head = @head ||= (rewind && read(HEAD).to_s.b).tap { rewind }
  def found = @found ||= Marcel::MimeType.for(StringIO.new(head))
  def named = @named ||= Marcel::MimeType.for(StringIO.new(head), name: name)

  def known_by_name? = found == "application/octet-stream" && named.match?(%r{\A(text|audio|video)/}) || Marcel::Magic.child?(named, found) || sounds_only?

  # WebM and MP4 look the same inside whether they hold a picture or only a voice.
  def sounds_only? = named.start_with?("audio/") && %w[video/webm video/mp4 application/x-matroska video/x-matroska].include?(found)

  def packed_drawing? = found == Picture::Intake::PACKED && name.downcase.end_with?(".svgz")

  def spooled
    @spool = Tempfile.new("usher-upload", binmode: true)
    rewind
    IO.copy_stream(@io, @spool)
    @spool.flush.path
  end
end
