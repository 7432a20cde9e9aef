class GiveSittingsTheirMeaning < ActiveRecord::Migration[7.2]
  def change
    change_table :sittings do |t|
      t.string :title, null: false, default: "" # which class it is
      t.string :ending # what became of what it wrote: kept, wiped or taken in
      t.boolean :beside, null: false, default: false # held at the same time as the lesson's own
      t.json :times, null: false, default: {} # { page => seconds that it was taught }
      t.datetime :seen_at # when a board last showed it
      t.json :cued, null: false, default: [] # the cues that were run, as Sitting::Prompting keeps them
    end
    remove_index :sittings, :lesson_id, name: :index_sittings_that_go_on
    add_index :sittings, :lesson_id, unique: true, where: "ended_at IS NULL AND NOT beside", name: :index_sittings_that_go_on
    add_index :sittings, :lesson_id, where: "ending = 'kept'", name: :index_sittings_kept

    add_reference :shares, :sitting, foreign_key: true
    remove_index :shares, :lesson_id, name: :index_shares_that_stand
    add_index :shares, "lesson_id, COALESCE(sitting_id, 0)", unique: true, where: "withdrawn_at IS NULL", name: :index_shares_that_stand

    add_column :pages, :cues, :json, null: false, default: []

    create_table :class_tools do |t|
      t.references :sitting, null: false, foreign_key: true
      t.string :kind, null: false
      t.json :state, null: false
      t.boolean :small, null: false, default: false
      t.boolean :shown, null: false, default: false # on the devices too
      t.datetime :put_away_at
      t.timestamps
    end
  end
end
