class LockDoors < ActiveRecord::Migration[7.2]
  def change = add_column(:sittings, :locked, :boolean, null: false, default: false)
end
