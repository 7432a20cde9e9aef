# Whatever lies on a page lies in a layer: the prepared lesson, or a sitting's. A sitting begins when a lesson
# is first taught, and its doors are opened (and have a code) only when the class is to come in.
class LayPagesInLayers < ActiveRecord::Migration[7.2]
  def up
    create_table :layers do |t|
      t.references :lesson, null: false, foreign_key: true
      t.string :kind, null: false
      t.references :below, foreign_key: { to_table: :layers }
      t.references :sitting, foreign_key: true
      t.references :seat, foreign_key: true
      t.datetime :created_at, null: false
      t.index :lesson_id, unique: true, where: "kind = 'prepared'", name: "index_layers_prepared"
    end
    change_table :sittings do |t|
      t.datetime :began_at
      t.datetime :ended_at
    end
    layers
    place :items
    place :operations
    sittings
    items

    create_table :layer_styles do |t|
      t.references :page, null: false, foreign_key: true
      t.references :layer, null: false, foreign_key: true
      t.json :style, null: false
      t.index %i[page_id layer_id], unique: true
    end
    remove_column :pages, :prepared_seq
    add_column :pages, :renderer, :integer, null: false, default: 1
    rename_column :clippings, :items, :contents
  end

  private

  # The prepared one of each lesson first, so that what lies above has the greater number.
  def layers
    execute "INSERT INTO layers (lesson_id, kind, created_at) SELECT id, 'prepared', created_at FROM lessons"
    execute "INSERT INTO layers (lesson_id, kind, below_id, sitting_id, created_at) SELECT s.lesson_id, 'sitting', l.id, s.id, s.opened_at FROM sittings s JOIN layers l ON l.lesson_id = s.lesson_id AND l.kind = 'prepared'"
  end

  def place(table)
    add_reference table, :layer, foreign_key: true
    execute "UPDATE #{table} SET layer_id = (SELECT layers.id FROM layers JOIN pages ON pages.lesson_id = layers.lesson_id WHERE pages.id = #{table}.page_id AND layers.kind = 'prepared')"
    change_column_null table, :layer_id, false
  end

  def sittings
    execute "UPDATE sittings SET began_at = opened_at, ended_at = shut_at"
    change_column_null :sittings, :began_at, false
    change_column_null :sittings, :opened_at, true
    change_column_null :sittings, :code, true
    remove_index :sittings, :code
    add_index :sittings, :code, unique: true, where: "opened_at IS NOT NULL AND shut_at IS NULL"
  end

  def items
    add_column :items, :gone, :boolean, null: false, default: false
    add_column :items, :audiences, :integer, null: false, default: 0
    execute "UPDATE items SET audiences = in_room + 2 * on_devices"
    rename_column :items, :device_svg, :veiled_svg
    remove_columns :items, :in_room, :on_devices
    remove_index :items, name: "index_items_on_page_id_and_key"
    add_index :items, %i[page_id key layer_id], unique: true
  end
end
