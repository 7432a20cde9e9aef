# Groups with a copy of their own, what is handed out, and paging freely.
class LetTheClassWorkInGroups < ActiveRecord::Migration[7.2]
  def change
    add_column :seats, :group_name, :string
    add_column :layers, :group_name, :string
    add_column :sittings, :paging, :boolean, null: false, default: false # whether students turn among the pages the class has been on
    create_table :handouts do |t|
      t.references :sitting, null: false
      t.string :kind, null: false
      t.string :title, null: false
      t.references :page
      t.references :asset
      t.string :address
      t.json :seats # ids, or nil for all
      t.json :opened, null: false, default: [] # the seats that have opened it
      t.datetime :taken_back_at
      t.timestamps
    end
  end
end
