# What a teacher notes of a student's or a group's copy of a page, as she does of answers: a star, a pile.
class NoteCopiesOfPages < ActiveRecord::Migration[7.2]
  def change
    create_table :page_copies do |t|
      t.references :layer, null: false, foreign_key: { on_delete: :cascade }, index: false
      t.references :page, null: false, foreign_key: { on_delete: :cascade }
      t.boolean :starred, null: false, default: false
      t.string :pile
      t.index %i[layer_id page_id], unique: true
    end
  end
end
