class VoicePiece < ApplicationRecord
  belongs_to :take
end
