# "source" is what a formula is written in; one name cannot be both.
class NameThePileAThingCameFrom < ActiveRecord::Migration[7.2]
  def change
    remove_index :items, %i[page_id source], where: "source IS NOT NULL" # SQLite cannot rename what its condition names
    rename_column :items, :source, :origin
    add_index :items, %i[page_id origin], where: "origin IS NOT NULL"
  end
end
