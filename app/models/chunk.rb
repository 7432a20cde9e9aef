# A stretch of a take's film (Usher::Takes::Film::Cutter).
class Chunk < ApplicationRecord
  attribute :data, PlainJson.new

  belongs_to :take
end
