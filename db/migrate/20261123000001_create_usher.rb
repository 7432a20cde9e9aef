class CreateUsher < ActiveRecord::Migration[7.2]
  def change
    create_table :teachers do |t|
      t.string :name, null: false
      t.string :email, null: false, index: { unique: true }
      t.string :password_digest, null: false
      t.timestamps
    end

    create_table :lessons do |t|
      t.references :teacher, null: false, foreign_key: true
      t.string :title, null: false
      t.string :subject, :year, null: false, default: ""
      t.json :place, null: false, default: {}
      t.datetime :binned_at
      t.timestamps
      t.index [ :teacher_id, :binned_at, :updated_at ]
    end

    create_table :pages do |t|
      t.references :lesson, null: false, foreign_key: true
      t.integer :position, null: false
      t.string :paper, :colour, null: false
      t.integer :minutes, null: false
      t.integer :seq, null: false, default: 0
      t.datetime :binned_at
      t.timestamps
      t.index [ :lesson_id, :binned_at, :position ]
    end

    create_table :pictures do |t|
      t.references :teacher, null: false, foreign_key: true
      t.string :name, :content_type, null: false
      t.float :width, :height, null: false
      t.timestamps
    end

    create_table :activities do |t|
      t.references :lesson, null: false, foreign_key: true
      t.string :kind, :title, null: false
      t.json :content, null: false
      t.timestamps
    end

    create_table :items do |t|
      t.references :page, null: false, foreign_key: true, index: false
      t.string :key, null: false
      t.string :kind, null: false
      t.json :data, null: false
      t.float :z, null: false
      t.integer :seq, null: false
      t.text :svg, null: false
      t.boolean :on_page, null: false
      t.references :picture, foreign_key: true
      t.references :activity, foreign_key: true
      t.index [ :page_id, :key ], unique: true
      t.index [ :page_id, :z ]
    end

    create_table :sittings do |t|
      t.references :lesson, null: false, foreign_key: true
      t.references :page, null: false, foreign_key: true
      t.string :code, null: false
      t.datetime :opened_at, null: false
      t.datetime :shut_at
      t.index :code, unique: true, where: "shut_at IS NULL"
    end

    create_table :seats do |t|
      t.references :sitting, null: false, foreign_key: true
      t.string :name, null: false
      t.string :token, null: false, index: { unique: true }
      t.timestamps
    end

    create_table :polls do |t|
      t.references :sitting, null: false, foreign_key: true
      t.references :page, null: false, foreign_key: true
      t.integer :letters, null: false
      t.boolean :revealed, null: false, default: false
      t.datetime :closed_at
      t.timestamps
    end

    create_table :answers do |t|
      t.references :poll, null: false, foreign_key: true, index: false
      t.references :seat, null: false, foreign_key: true
      t.string :choice, null: false
      t.timestamps
      t.index [ :poll_id, :seat_id ], unique: true
    end

    create_table :attempts do |t|
      t.references :activity, null: false, foreign_key: true
      t.references :seat, foreign_key: true
      t.integer :seed, null: false
      t.json :moves, null: false, default: []
      t.integer :placed, :misses, :score, null: false, default: 0
      t.integer :size, null: false
      t.datetime :finished_at
      t.timestamps
    end

    create_table :takes do |t|
      t.references :lesson, null: false, foreign_key: true
      t.references :page, null: false, foreign_key: true
      t.string :title, null: false
      t.string :state, null: false, default: "recording"
      t.integer :length_ms, null: false, default: 0
      t.json :trail, null: false, default: []
      t.timestamps
    end

    create_table :voice_pieces do |t|
      t.references :take, null: false, foreign_key: true, index: false
      t.integer :number, null: false
      t.binary :sound, null: false
      t.index [ :take_id, :number ], unique: true
    end

    create_table :operations do |t|
      t.references :page, null: false, foreign_key: true, index: false
      t.string :client_id, null: false
      t.integer :seq, null: false
      t.string :actor, null: false
      t.string :verb, null: false
      t.json :payload, null: false
      t.json :inverse
      t.json :touched, null: false
      t.references :undoes, foreign_key: { to_table: :operations }
      t.boolean :undone, null: false, default: false
      t.references :take, foreign_key: true
      t.integer :take_ms
      t.datetime :created_at, null: false
      t.index [ :page_id, :client_id ], unique: true
      t.index [ :page_id, :seq ], unique: true
      t.index [ :page_id, :actor, :seq ]
    end

    create_table :shares do |t|
      t.references :lesson, null: false, foreign_key: true
      t.string :token, null: false, index: { unique: true }
      t.datetime :withdrawn_at
      t.timestamps
    end
  end
end
