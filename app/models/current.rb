# Who asks, for the length of one request, and at which moment of a take that is being recorded.
class Current < ActiveSupport::CurrentAttributes
  attribute :teacher, :seat
  attribute :during, default: -> { {} }
end
