# Links from one slide to another, until the pages of both are there.
class KeepJumpsOfImports < ActiveRecord::Migration[7.2]
  def change
    add_column :imports, :jumps, :json, default: [], null: false
  end
end
