# A letter that was written to somebody and, since no mail server is set, lies here: the simulated mail box.
class Letter < ApplicationRecord
  KEPT = 30.days
  scope :newest, -> { order(id: :desc) }
  scope :old, -> { where(created_at: ...KEPT.ago) }
end
