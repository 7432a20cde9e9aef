# The content of an activity is kept in editions that never change; a go belongs to one of them, and to a participant
# or to the wall. Its moves are rows, with what came of them beside them.
class KeepEditionsAndMoves < ActiveRecord::Migration[7.2]
  class Editions < ActiveRecord::Base
    self.table_name = "editions"
    attribute :content, StoredDocument.new(:activity)
    attribute :rules, StoredDocument.new(:rules)
  end

  class Goes < ActiveRecord::Base
    self.table_name = "attempts"
    attribute :state, StoredDocument.new(:attempt)
  end

  def up
    create_table :editions do |t|
      t.references :activity, null: false, foreign_key: true, index: false
      t.integer :number, null: false
      t.string :kind, null: false
      t.json :content, null: false
      t.json :rules, null: false
      t.datetime :created_at, null: false
      t.index %i[activity_id number], unique: true
    end
    create_table :participants do |t|
      t.references :seat, foreign_key: true, index: { unique: true }
      t.datetime :created_at, null: false
    end
    create_table :moves do |t|
      t.references :attempt, null: false, foreign_key: true, index: false
      t.integer :number, null: false
      t.string :client_id, null: false
      t.json :data, null: false
      t.json :marked
      t.integer :ms, null: false
      t.datetime :created_at, null: false
      t.index %i[attempt_id number], unique: true
      t.index %i[attempt_id client_id], unique: true
    end
    change_table :attempts do |t|
      t.references :edition, foreign_key: true
      t.references :participant, foreign_key: true
      t.references :layer, foreign_key: true
      t.json :state
      t.string :ended
      t.datetime :away_at
      t.float :points, null: false, default: 0
      t.float :most, null: false, default: 0
      t.rename :placed, :answered
    end
    carry_over
    remove_column :activities, :content
    change_table :attempts do |t|
      t.remove_references :activity, foreign_key: true
      t.remove_references :seat, foreign_key: true
      t.remove :moves, :score
    end
    change_column_null :attempts, :edition_id, false
    change_column_null :attempts, :state, false
  end

  def down = raise(ActiveRecord::IrreversibleMigration)

  private

  def carry_over
    [ Editions, Goes ].each(&:reset_column_information)
    now = Time.current
    select_rows("SELECT id, kind, content FROM activities").each do |id, kind, content|
      Editions.create!(activity_id: id, number: 1, kind: kind, content: Usher::Documents.read(:activity, JSON.parse(content)), rules: Usher::Activities::Rules.new.to_h, created_at: now)
    end
    execute "INSERT INTO participants (seat_id, created_at) SELECT DISTINCT seat_id, CURRENT_TIMESTAMP FROM attempts WHERE seat_id IS NOT NULL"
    execute "UPDATE attempts SET participant_id = (SELECT id FROM participants WHERE participants.seat_id = attempts.seat_id), edition_id = (SELECT id FROM editions WHERE editions.activity_id = attempts.activity_id)"
    Goes.find_each { |go| play_again(go) }
  end

  # Tiles lay in the deal at the places that their names now count.
  def play_again(go)
    edition = Editions.find(go.edition_id)
    play = Usher::Activities::Play.new(Usher::Activities.registry.fetch(edition.kind).build(edition.content), Usher::Activities::Rules.new(edition.rules), go.seed)
    JSON.parse(select_value("SELECT moves FROM attempts WHERE id = #{go.id}")).each_with_index do |old, number|
      move = { "piece" => "p#{old['tile'] + 1}", "place" => "g#{old['group'] + 1}" }
      outcome = play.take(move)
      execute "INSERT INTO moves (attempt_id, number, client_id, data, marked, ms, created_at) VALUES (#{go.id}, #{number + 1}, 'before-#{number + 1}', #{quote(move.to_json)}, #{quote(outcome.marked.to_json)}, 0, #{quote(go.created_at)})"
    end
    go.update!(state: play.state, ended: play.ended, points: play.score.points, most: play.score.most, answered: play.answered)
  end
end
