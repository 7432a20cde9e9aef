# One entry of the log.
class Operation < ApplicationRecord
  attribute :payload, PlainJson.new
  attribute :inverse, PlainJson.new

  belongs_to :page
  belongs_to :take, optional: true
  belongs_to :undoes, class_name: "Operation", optional: true

  # Writes one entry for what the core's `operation` did. As a plain insert: `create!` would encode the
  # inverse, which may be ten thousand points, four times over to see whether it has changed.
  def self.enter(page:, client_id:, actor:, operation:, outcome:, undoes:, during:)
    touched = outcome.put.map(&:id) + outcome.gone
    insert!({ page_id: page.id, client_id: client_id, seq: page.seq, actor: actor, verb: operation.class.verb, payload: operation.to_h,
      inverse: outcome.inverse, touched: touched, undoes_id: undoes&.id, take_id: during[:take]&.id, take_ms: during[:ms], created_at: Time.current })
    instantiate({ "page_id" => page.id, "client_id" => client_id, "seq" => page.seq, "actor" => actor, "verb" => operation.class.verb, "touched" => JSON.generate(touched) })
  end
end
