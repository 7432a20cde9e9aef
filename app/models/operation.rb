# One entry of the log.
class Operation < ApplicationRecord
  attribute :payload, StoredDocument.new(:operation)
  attribute :inverse, StoredDocument.new(:operation)
  attribute :outcome, PlainJson.new # what was to be seen, while a take was recorded (Take::Recording)

  belongs_to :page
  belongs_to :layer
  belongs_to :take, optional: true
  belongs_to :undoes, class_name: "Operation", optional: true

  class << self
    # Writes one entry for what the core's `operation` did.
    def enter(page:, layer:, client_id:, actor:, operation:, outcome:, undoes:, during:)
      touched = outcome.put.map(&:id) + outcome.gone
      known = { page_id: page.id, layer_id: layer.id, client_id: client_id, seq: page.seq, actor: actor, verb: operation.class.verb, take_ms: during[:ms] }
      id = write({ **known, payload: operation.to_h, inverse: outcome.inverse, touched: touched, undoes_id: undoes&.id, take_id: during[:take]&.id, created_at: Time.current })
      instantiate({ "id" => id, "touched" => JSON.generate(touched), **known.transform_keys(&:name) }).tap { |entry| entry.association(:layer).target = layer }
    end

    private

    # Answers with the entry's number. `create!` would encode the inverse, which may be ten thousand points, four times
    # over to see whether it has changed; `insert!` would write it into the text of a statement.
    def write(row)
      values = row.map { |column, value| type_for_attribute(column).serialize(value) }
      sql = "INSERT INTO operations (#{row.keys.join(', ')}) VALUES (#{values.map { '?' }.join(', ')}) RETURNING id"
      connection_pool.with_connection { |connection| connection.exec_query(sql, "Operation Enter", values, prepare: true).rows.dig(0, 0) }
    end
  end
end
