# Decides by its content what an uploaded file is: a sound, a video, or a file to hand on.
class Asset::Intake
  MAX_BYTES = 100.megabytes

  KINDS = {
    "sound" => %w[audio/mpeg audio/ogg audio/x-wav audio/vnd.wave audio/wav audio/mp4 audio/x-m4a audio/flac audio/x-flac audio/webm audio/opus],
    "video" => %w[video/mp4 video/webm],
    "file" => %w[application/pdf text/plain text/csv application/vnd.openxmlformats-officedocument.wordprocessingml.document application/vnd.openxmlformats-officedocument.spreadsheetml.sheet
                 application/vnd.openxmlformats-officedocument.presentationml.presentation application/vnd.oasis.opendocument.text application/vnd.oasis.opendocument.spreadsheet application/vnd.oasis.opendocument.presentation image/png image/jpeg]
  }.freeze

  def initialize(upload)
    raise Usher::Invalid, "Choose a file first." unless upload.respond_to?(:read) && upload.respond_to?(:size)
    raise Usher::Invalid, "That file is larger than #{MAX_BYTES / 1.megabyte} MB. Nothing was changed." if upload.size > MAX_BYTES
    raise Usher::Invalid, "That file is empty. Nothing was changed." if upload.size.zero?
    @upload = upload
    @name = upload.try(:original_filename).to_s.scrub("").gsub(/[[:cntrl:]\u200e\u200f\u202a-\u202e\u2066-\u2069]/, "").split(%r{[/\\]}).last.presence || "file"
  end

  def asset_attributes
    type = content_type
    kind = KINDS.find { |_, types| types.include?(type) }&.first
    raise Usher::Invalid, "Usher cannot open that kind of file. It takes MP3, OGG, WAV, M4A and FLAC sounds, MP4 and WebM videos, PDF, text and office documents. Nothing was changed." unless kind
    { kind: kind, name: @name.truncate(120), content_type: type, file: { io: @upload, filename: @name, content_type: type, identify: false } }
  end

  private

  # By the first bytes; the name only tells apart what looks the same inside.
  def content_type
    head = StringIO.new(@upload.read(64.kilobytes).to_s.b)
    @upload.rewind
    found = Marcel::MimeType.for(head)
    named = Marcel::MimeType.for(head, name: @name)
    Marcel::Magic.child?(named, found) || found == "application/octet-stream" && named.start_with?("text/") || sounds_only?(found, named) ? named : found
  end

  # WebM and MP4 look the same inside whether they hold a picture or only a voice.
  def sounds_only?(found, named) = named.start_with?("audio/") && %w[video/webm video/mp4 application/x-matroska video/x-matroska].include?(found)
end
