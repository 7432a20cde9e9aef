class HandLessonsOver < ActiveRecord::Migration[7.2]
  def change
    create_table :handovers do |t|
      t.references :lesson, null: false, foreign_key: true, index: { unique: true }
      t.string :address, null: false, index: true # of the colleague it waits for
      t.datetime :created_at, null: false
    end
    create_table :handed_files do |t|
      t.references :teacher, null: false, foreign_key: true # who may use it besides its owner
      t.references :picture, foreign_key: true
      t.references :asset, foreign_key: true
      t.index %i[teacher_id picture_id], unique: true
      t.index %i[teacher_id asset_id], unique: true
    end
  end
end
