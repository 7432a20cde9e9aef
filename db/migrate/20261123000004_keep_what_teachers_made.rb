# Papers with measures and pictures of their own, starting points, and what a teacher has set about
# pens and palms.
class KeepWhatTeachersMade < ActiveRecord::Migration[7.2]
  def change
    add_column :pages, :measures, :json, null: false, default: {}
    add_reference :pages, :picture, foreign_key: true
    add_column :lessons, :starting_point, :string
    add_column :teachers, :preferences, :json, null: false, default: {}
  end
end
