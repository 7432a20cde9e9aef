# A picture a teacher brought in: cleaned when it arrives (see Intake), then never changed.
class Picture < ApplicationRecord
  belongs_to :teacher
  has_one_attached :file

  def self.take_in(upload)
    Intake.new(upload).picture_attributes.then { |attributes| create!(attributes) }
  end

  # Looks pictures up by number for a drawing that can fetch nothing, each once: { 7 => "data:..." }.
  def self.addresses = Hash.new { |known, number| known[number] = find(number).data_address }

  # The bytes as an address, for drawings that can fetch nothing.
  def data_address = "data:#{content_type};base64,#{Base64.strict_encode64(file.download)}"
end
