# What there is once: a lesson's sitting that goes on, its standing share, a name among the seats of a sitting. Requests
# that came at the same moment could make two of each.
class SayWhatIsUnique < ActiveRecord::Migration[7.2]
  def up
    execute <<~SQL
      UPDATE sittings SET ended_at = CURRENT_TIMESTAMP, shut_at = CASE WHEN opened_at IS NULL THEN NULL ELSE coalesce(shut_at, CURRENT_TIMESTAMP) END
      WHERE ended_at IS NULL AND id NOT IN (SELECT max(id) FROM sittings WHERE ended_at IS NULL GROUP BY lesson_id)
    SQL
    execute <<~SQL
      UPDATE shares SET withdrawn_at = CURRENT_TIMESTAMP
      WHERE withdrawn_at IS NULL AND id NOT IN (SELECT max(id) FROM shares WHERE withdrawn_at IS NULL GROUP BY lesson_id)
    SQL
    execute "UPDATE seats SET name = name || ' ' || id WHERE id NOT IN (SELECT min(id) FROM seats GROUP BY sitting_id, name)"
    add_index :sittings, :lesson_id, unique: true, where: "ended_at IS NULL", name: "index_sittings_that_go_on"
    add_index :shares, :lesson_id, unique: true, where: "withdrawn_at IS NULL", name: "index_shares_that_stand"
    add_index :seats, %i[sitting_id name], unique: true
  end

  def down
    remove_index :sittings, name: "index_sittings_that_go_on"
    remove_index :shares, name: "index_shares_that_stand"
    remove_index :seats, %i[sitting_id name]
  end
end
