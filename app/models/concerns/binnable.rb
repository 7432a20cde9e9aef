# Deleting with a way back: what is binned can be fetched again for 30 days.
module Binnable
  extend ActiveSupport::Concern

  KEPT_FOR = 30.days

  included do
    scope :kept, -> { where(binned_at: nil) }
    scope :binned, -> { where(binned_at: KEPT_FOR.ago..) }
    scope :forgotten, -> { where(binned_at: ...KEPT_FOR.ago) }
  end

  def bin = update!(binned_at: Time.current)
  def fetch_back = update!(binned_at: nil)
  def binned? = binned_at.present?
end
