# Most things are ink, which shows no picture, opens no activity and plays no file: indexes of that are for those that do.
class IndexWhatThingsShow < ActiveRecord::Migration[7.2]
  COLUMNS = %i[picture_id activity_id asset_id].freeze

  def up
    COLUMNS.each do |column|
      remove_index :items, column
      add_index :items, column, where: "#{column} IS NOT NULL"
    end
  end

  def down
    COLUMNS.each do |column|
      remove_index :items, column
      add_index :items, column
    end
  end
end
