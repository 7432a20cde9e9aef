# Accounts as a school keeps them: an administrator, letting in, changing the address, letters, and a log of who did what.
class GiveTheSchoolADataOfficer < ActiveRecord::Migration[7.2]
  def up
    change_table :teachers do |t|
      t.boolean :administrator, null: false, default: false
      t.datetime :let_in_at
      t.string :next_email
      t.datetime :left_old_at, :reached_new_at
    end
    execute "UPDATE teachers SET let_in_at = created_at"
    execute "UPDATE teachers SET administrator = 1 WHERE id = (SELECT MIN(id) FROM teachers)"
    create_table :schools do |t|
      t.string :sign_up, null: false, default: "approval"
      t.integer :keep_days, null: false, default: 90
    end
    create_table :letters do |t|
      t.string :to, :subject, null: false
      t.text :text, null: false
      t.datetime :created_at, null: false
    end
    create_table :entries do |t|
      t.references :teacher, foreign_key: { on_delete: :nullify }
      t.string :verb, :who, null: false
      t.string :about, :address
      t.datetime :created_at, null: false, index: true
    end
  end

  def down
    %i[entries letters schools].each { |table| drop_table table }
    %i[administrator let_in_at next_email left_old_at reached_new_at].each { |column| remove_column :teachers, column }
  end
end
