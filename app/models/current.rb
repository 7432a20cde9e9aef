# Who asks, for the length of one request.
class Current < ActiveSupport::CurrentAttributes
  attribute :teacher, :seat
end
