# One entry of the log.
class Operation < ApplicationRecord
  attribute :payload, StoredDocument.new(:operation)
  attribute :inverse, StoredDocument.new(:operation)
  attribute :outcome, PlainJson.new # what was to be seen, while a take was recorded (Take::Recording)

  belongs_to :page
  belongs_to :layer
  belongs_to :take, optional: true
  belongs_to :undoes, class_name: "Operation", optional: true

  # Writes one entry for what the core's `operation` did. As a plain insert: `create!` would encode the
  # inverse, which may be ten thousand points, four times over to see whether it has changed.
  def self.enter(page:, layer:, client_id:, actor:, operation:, outcome:, undoes:, during:)
    touched = outcome.put.map(&:id) + outcome.gone
    id = insert!({ page_id: page.id, layer_id: layer.id, client_id: client_id, seq: page.seq, actor: actor, verb: operation.class.verb, payload: operation.to_h,
      inverse: outcome.inverse, touched: touched, undoes_id: undoes&.id, take_id: during[:take]&.id, take_ms: during[:ms], created_at: Time.current }).rows.dig(0, 0)
    instantiate({ "id" => id, "page_id" => page.id, "layer_id" => layer.id, "client_id" => client_id, "seq" => page.seq, "actor" => actor, "verb" => operation.class.verb, "touched" => JSON.generate(touched), "take_ms" => during[:ms] }).tap { |entry| entry.association(:layer).target = layer }
  end
end
