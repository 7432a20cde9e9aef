# While a take is recorded, the board says with everything it does at which moment of the take.
module Recorded
  private

  # sent: { "take" => id, "ms" => since the take began }.
  def during(sent)
    return {} unless sent["take"]
    take = access.takes.find_by(id: sent["take"], state: "recording") or return {}
    { take: take, ms: Usher::Types::Number.new(0..Take::LONGEST, digits: 0).call(sent["ms"]) }
  end
end
