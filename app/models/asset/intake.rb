# Takes in an uploaded file of any kind that a reader knows, or refuses it in a sentence that says what to
# do instead.
class Asset::Intake
  MAX_BYTES = 500.megabytes
  LIMITS = "Pictures up to #{Picture::Intake::MAX_BYTES / 1.megabyte} MB, sounds, videos and files up to #{MAX_BYTES / 1.megabyte} MB.".freeze
  UNCHANGED = "Nothing was changed.".freeze
  UNKNOWN = "Usher cannot open that kind of file. It takes pictures (PNG, JPEG, GIF, WebP, SVG), sounds, videos, PDF, slides (PPTX, ODP), text and office documents. #{UNCHANGED}".freeze

  # What is not taken, by its media type, and what to do about it.
  ADVICE = {
    %r{\Aimage/(heic|heif)} => "That photo is in the HEIC format, which browsers do not show. Save or send it as JPEG, then bring it in again.",
    %r{\Aimage/(tiff|bmp|vnd|x-|avif|jp2|jxl)} => "Usher cannot open that kind of picture. Save it as PNG or JPEG, then bring it in again.",
    %r{\Aapplication/(vnd\.ms-|msword|x-ole|x-tika)} => "That is in an older office format, or locked with a password. Save it without one as PPTX, DOCX, XLSX or OpenDocument, then bring it in again.",
    %r{\Aapplication/(zip|x-rar|x-7z|gzip|x-tar)} => "That is an archive. Unpack it first, then bring in the files."
  }.freeze

  # only: a reader ("Picture"), where only what it reads is wanted.
  def initialize(io, only: nil)
    raise Usher::Invalid, "Choose a file first." unless io.respond_to?(:read) && io.respond_to?(:size)
    raise Usher::Invalid, "That file is larger than #{MAX_BYTES / 1.megabyte} MB. #{UNCHANGED}" if io.size > MAX_BYTES
    raise Usher::Invalid, "That file is empty. #{UNCHANGED}" if io.size.zero?
    @upload, @only = Asset::Upload.new(io), only
  end

  def asset_attributes
    reader = Asset::Readers.for(@upload.type) || (Asset::Readers::Film if unknown? && Asset::Readers::Film.knows?(@upload))
    raise Usher::Invalid, advice unless reader && (@only.nil? || reader.name.demodulize == @only)
    { name: @upload.name.truncate(120), content_type: @upload.type, **reader.attributes(@upload) }
  end

  private

  # Whether there is nothing that could be said of it by its type.
  def unknown? = ADVICE.none? { |pattern, _| @upload.type.match?(pattern) }

  def advice
    words = ADVICE.find { |pattern, _| @upload.type.match?(pattern) }&.last
    words ? "#{words} #{UNCHANGED}" : @only ? Picture::Intake::UNKNOWN : UNKNOWN
  end
end
