# With everything it does a board says whether a class is watching and, while a take is recorded, at
# which moment of it.
module Recorded
  private

  # What Page#perform and its like take besides what was done.
  def circumstances(sent) = { during: during(sent), teaching: sent["teach"] == true }

  # sent: { "take" => id, "ms" => since the take began }.
  def during(sent)
    return {} unless sent["take"]
    take = access.takes.find_by(id: sent["take"], state: "recording") or return {}
    { take: take, ms: Usher::Types::Number.new(0..Take::LONGEST, digits: 0).call(sent["ms"]) }
  end
end
