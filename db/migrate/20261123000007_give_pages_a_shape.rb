# A page that was imported keeps its own proportions.
class GivePagesAShape < ActiveRecord::Migration[7.2]
  def change
    add_column :pages, :width, :integer, null: false, default: 1600 # page units
    add_column :pages, :height, :integer, null: false, default: 900
  end
end
