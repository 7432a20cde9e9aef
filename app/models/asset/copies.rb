# A copy of a sound or a video that every browser plays and a class's network carries, made in the
# background where the file itself is not that.
module Asset::Copies
  extend ActiveSupport::Concern

  STEP = 4 # percent, so that progress is not written for every frame

  included do
    has_one_attached :copy
  end

  def film? = %w[sound video].include?(kind)

  # Whether browsers play the file as it came.
  def plays? = facts["plays"] == true

  # What to send: the copy where the file does not play, and to devices wherever there is one.
  def playing(device: false) = copy.attached? && (device || !plays?) ? copy : file

  def make_copy_later
    return unless film? && (!plays? || described.heavy?)
    update!(state: "working") unless plays?
    MediaCopyJob.perform_later(self)
  end

  # Raises nothing: a file that cannot be copied is marked as failed, with what there is.
  def make_copy
    return if copy.attached?
    file.open do |source|
      Tempfile.create([ "usher-copy", ".mp4" ]) do |target|
        Usher::Formats::Film.copy(source.path, to: target.path, facts: described) { |share| note_progress(share) }
        copy.attach(io: File.open(target.path), filename: "copy.mp4", content_type: kind == "video" ? "video/mp4" : "audio/mp4", identify: false)
      end
    end
    update!(state: "ready", progress: 100)
  rescue StandardError => error
    give_up
    raise unless error.is_a?(Usher::Invalid)
  end

  def give_up = update!(state: plays? ? "ready" : "failed")

  # The picture at this second, as a picture of this teacher's.
  def still(at, by: teacher)
    raise Usher::Invalid, "Only videos have stills." unless kind == "video"
    bytes = file.open { |source| Usher::Formats::Film.still(source.path, at: at.clamp(0, seconds)) }
    Picture.take_in_bytes(bytes, teacher: by, name: "#{name} at #{format('%d:%02d', *at.round.divmod(60))}")
  end

  private

  def described = Usher::Formats::Film::Facts.new(**facts.symbolize_keys)

  def note_progress(share)
    percent = (share * 100).floor
    update_columns(progress: percent) if percent >= progress + STEP
  end
end
