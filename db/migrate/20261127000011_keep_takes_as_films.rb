# A take keeps what was to be seen, drawn, as it happened; and what happens in a lesson without changing a page
# becomes part of its log.
class KeepTakesAsFilms < ActiveRecord::Migration[7.2]
  def change
    add_column :operations, :outcome, :json
    change_table :takes do |t|
      t.references :layer, foreign_key: true
      t.json :opening
      t.json :chapters, null: false, default: []
    end
    up_only { execute "UPDATE takes SET layer_id = (SELECT id FROM layers WHERE layers.lesson_id = takes.lesson_id AND kind = 'prepared')" }

    create_table :events do |t|
      t.references :lesson, null: false, foreign_key: true
      t.references :page, foreign_key: true
      t.references :take, foreign_key: true
      t.integer :take_ms
      t.string :kind, null: false
      t.string :actor, null: false
      t.json :data, null: false
      t.datetime :created_at, null: false
    end
    create_table :cels do |t|
      t.references :take, null: false, foreign_key: true, index: false
      t.integer :page_id, null: false
      t.string :key, null: false
      t.integer :seq, null: false
      t.float :z, null: false
      t.text :svg, null: false
      t.json :ink
      t.index %i[take_id page_id key seq], unique: true
    end
    create_table :chunks do |t|
      t.references :take, null: false, foreign_key: true, index: false
      t.integer :from_ms, null: false
      t.json :data, null: false
      t.index %i[take_id from_ms], unique: true
    end
  end
end
