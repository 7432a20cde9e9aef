# A file, a sound or a video that items of this teacher open.
class Asset < ApplicationRecord
  belongs_to :teacher
  has_many :items, dependent: :restrict_with_exception
  has_one_attached :file

  def self.take_in(upload) = create!(Intake.new(upload).asset_attributes)
end
