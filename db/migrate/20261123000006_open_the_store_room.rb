# The store room: pictures, sounds, videos, papers and sets of things a teacher keeps, in folders. A picture
# is what is drawn; an asset is what lies in the store room, with the picture that shows it.
class OpenTheStoreRoom < ActiveRecord::Migration[7.2]
  class Asset < ActiveRecord::Base
  end

  class Picture < ActiveRecord::Base
  end

  def change
    change_table :assets do |t|
      t.references :picture, foreign_key: true
      t.string :folder, null: false, default: ""
      t.string :state, null: false, default: "ready"
      t.integer :progress, null: false, default: 0
      t.json :facts, null: false, default: {}
      t.json :contents
      t.datetime :away_at
    end
    add_index :assets, %i[teacher_id away_at folder]

    change_table :pictures do |t|
      t.string :origin # where it was taken from, so that it is kept once
      t.json :lines
    end
    add_index :pictures, %i[teacher_id origin], unique: true, where: "origin IS NOT NULL"

    create_table :imports do |t|
      t.references :lesson, null: false, foreign_key: true
      t.references :asset, null: false, foreign_key: true
      t.integer :position, null: false
      t.integer :first, null: false
      t.integer :last, null: false
      t.string :state, null: false, default: "waiting"
      t.json :pages, null: false, default: []
      t.string :note
      t.timestamps
    end

    create_table :utterances do |t|
      t.string :digest, null: false, index: { unique: true }
      t.datetime :created_at, null: false
    end

    add_column :teachers, :hosts, :json, null: false, default: []

    up_only do
      Picture.find_each do |picture|
        Asset.create!(teacher_id: picture.teacher_id, kind: "picture", name: picture.name, content_type: picture.content_type, picture_id: picture.id, created_at: picture.created_at, updated_at: picture.updated_at)
      end
    end
  end
end
