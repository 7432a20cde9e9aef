# An activity that a teacher sent to the devices of a sitting: to all of them, or to some seats.
class SendActivities < ActiveRecord::Migration[7.2]
  def change
    create_table :sendings do |t|
      t.references :sitting, null: false, foreign_key: true
      t.references :activity, null: false, foreign_key: true
      t.json :seats
      t.datetime :taken_back_at
      t.datetime :created_at, null: false
    end
  end
end
