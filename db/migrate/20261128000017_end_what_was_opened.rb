# Sign-ins that the server knows and can end, and seats that belong to one opening of the doors.
class EndWhatWasOpened < ActiveRecord::Migration[7.2]
  def up
    create_table :sign_ins do |t|
      t.references :teacher, null: false, foreign_key: { on_delete: :cascade }
      t.string :digest, null: false, index: { unique: true }
      t.string :address, :agent, null: false
      t.datetime :seen_at, null: false
      t.datetime :created_at, null: false
    end
    add_column :seats, :code, :string
    execute "UPDATE seats SET code = (SELECT code FROM sittings WHERE sittings.id = seats.sitting_id)"
  end

  def down
    remove_column :seats, :code
    drop_table :sign_ins
  end
end
