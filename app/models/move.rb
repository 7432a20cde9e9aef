# One move of a go, and what was marked by it.
class Move < ApplicationRecord
  attribute :data, PlainJson.new
  attribute :marked, PlainJson.new

  belongs_to :attempt
end
