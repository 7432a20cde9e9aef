class SayWhatAnImportLeftOut < ActiveRecord::Migration[7.2]
  def change
    add_column :imports, :left_out, :json, default: {}, null: false
  end
end
