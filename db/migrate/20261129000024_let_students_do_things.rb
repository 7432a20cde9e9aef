# What students may do on their devices, whose ink is whose, hands up, and who is out for now.
class LetStudentsDoThings < ActiveRecord::Migration[7.2]
  def change
    add_column :sittings, :rights, :json, default: [ "answer" ], null: false
    add_column :seats, :rights, :json
    add_column :seats, :ink_hidden, :boolean, default: false, null: false
    add_column :seats, :hand_at, :datetime
    add_column :seats, :out, :string
    add_column :items, :seat_id, :integer
    add_index :items, :seat_id, where: "seat_id IS NOT NULL"
    add_index :seats, :ink_hidden, where: "ink_hidden"
  end
end
