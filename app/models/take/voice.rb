# The voice of a take arrives in pieces while it is recorded, so that a crash loses a second of it
# at most; they are joined when it is stopped.
module Take::Voice
  extend ActiveSupport::Concern

  LARGEST_PIECE = 1.megabyte

  included do
    has_many :voice_pieces, -> { order(:number) }, dependent: :delete_all
    has_one_attached :voice
  end

  # Keeps a piece; the same number again changes nothing. Raises Usher::Invalid.
  def keep_piece(number, sound)
    raise Usher::Invalid, "This take has been stopped." unless recording?
    raise Usher::Invalid, "A piece of voice must be 1 byte to #{LARGEST_PIECE} bytes." unless sound.bytesize.between?(1, LARGEST_PIECE)
    raise Usher::Invalid, "A piece of voice has a number." unless number.is_a?(Integer) && number.between?(0, 100_000)
    voice_pieces.insert({ number: number, sound: sound }, unique_by: %i[take_id number])
  end

  private

  # What a browser recorded live has no length and cannot be sought before it is mended. Most browsers
  # record WebM, some MP4, which says so in its first bytes.
  def join_voice
    return if voice_pieces.none?
    type, muxer = voice_pieces.first.sound.byteslice(4, 4) == "ftyp" ? [ "audio/mp4", "mp4" ] : [ "audio/webm", "webm" ]
    Dir.mktmpdir("usher-voice") do |folder|
      raw, whole = File.join(folder, "raw"), File.join(folder, "voice")
      File.open(raw, "wb") { |out| voice_pieces.each { |piece| out.write(piece.sound) } }
      Usher::Formats::Film.mend(raw, muxer, to: whole)
      voice.attach(io: File.open(whole), filename: "voice", content_type: type, identify: false)
    end
    voice_pieces.delete_all
  end
end
