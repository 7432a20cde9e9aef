# A text that was spoken before, so that it is made once for each voice and speed.
class Utterance < ApplicationRecord
  KEPT = 90.days # then it is spoken anew when somebody asks

  has_one_attached :sound

  scope :forgotten, -> { where(created_at: ...KEPT.ago) }

  # turn: what the making waits for (see Heavy). Raises Usher::Invalid when it cannot be spoken.
  def self.of(words, language:, speed:, turn: Once::NOW)
    digest = Digest::SHA256.hexdigest([ words, language, speed ].join("\u0000"))
    find_by(digest: digest) || Once.at_a_time(digest) { find_by(digest: digest) || make(digest, turn.call { Usher::Speech.speak(words, language: language, speed: speed) }) }
  end

  def self.make(digest, bytes)
    create!(digest: digest, sound: { io: StringIO.new(bytes), filename: "speech.m4a", content_type: "audio/mp4", identify: false })
  rescue ActiveRecord::RecordNotUnique
    find_by!(digest: digest)
  end
  private_class_method :make
end
