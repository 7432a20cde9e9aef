# Where each item lies, so that an eraser finds what it passes over without reading the whole page.
class FindItemsByPlace < ActiveRecord::Migration[7.2]
  def up
    change_table :items, bulk: true do |t|
      %i[left top right bottom].each { |side| t.float side, null: false, default: 0 }
    end
    add_index :items, %i[page_id kind]
    Item.reset_column_information
    Item.find_each { |item| item.update_columns(Item.place_of(item.placed.item)) }
  end

  def down
    remove_index :items, %i[page_id kind]
    remove_columns :items, :left, :top, :right, :bottom
  end
end
