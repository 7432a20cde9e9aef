# Seats of a practice class are marked wherever they are shown.
class MarkSimulatedSeats < ActiveRecord::Migration[7.2]
  def change
    add_column :seats, :simulated, :boolean, null: false, default: false
  end
end
