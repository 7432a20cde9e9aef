# What the board, a device and a search need to know of an item without reading it; what a teacher
# copied; files that items open; and facts about lessons.
class HandleThings < ActiveRecord::Migration[7.2]
  def change
    rename_column :items, :on_page, :in_room
    change_table :items do |t|
      t.boolean :on_devices, null: false, default: true
      t.text :device_svg
      t.boolean :tied, null: false, default: false
      t.string :source
      t.string :words, null: false, default: ""
      t.references :asset
      t.index %i[page_id source], where: "source IS NOT NULL"
      t.index %i[page_id key], name: "index_items_with_words", where: "words != ''"
      t.index :page_id, name: "index_items_tied", where: "tied"
    end
    up_only { execute "UPDATE items SET on_devices = in_room" }
    up_only { Item.reset_column_information && Item.find_each { |item| item.update_columns(words: item.placed.item.words) } }

    change_table :pages do |t|
      t.integer :prepared_seq, null: false, default: 0
    end
    up_only { execute "UPDATE pages SET prepared_seq = seq" }

    create_table :assets do |t|
      t.references :teacher, null: false, foreign_key: true
      t.string :kind, null: false
      t.string :name, null: false
      t.string :content_type, null: false
      t.timestamps
    end
    add_foreign_key :items, :assets

    create_table :clippings do |t|
      t.references :teacher, null: false, foreign_key: true
      t.references :lesson, null: false
      t.string :key, null: false
      t.json :items, null: false
      t.datetime :created_at, null: false
      t.index %i[teacher_id key], unique: true
    end

    change_table :lessons do |t|
      t.string :folder, null: false, default: ""
      t.integer :length
      t.text :curriculum, null: false, default: ""
      t.text :notes, null: false, default: ""
      t.index %i[teacher_id folder]
    end
    up_only do
      [ Page, Lesson ].each(&:reset_column_information)
      Lesson.find_each { |lesson| Search.index_lesson(lesson) }
    end
  end
end
