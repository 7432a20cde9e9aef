# A teacher's questions, one by one, by subject and tag, to make sheets of.
class BankQuestions < ActiveRecord::Migration[7.2]
  def change
    create_table :bank_questions do |t|
      t.references :teacher, null: false, foreign_key: true, index: false
      t.string :kind, null: false
      t.json :content, null: false
      t.string :words, null: false
      t.string :subject, null: false, default: ""
      t.string :tags, null: false, default: ""
      t.string :digest, null: false
      t.datetime :created_at, null: false
      t.index %i[teacher_id digest], unique: true
    end
  end
end
