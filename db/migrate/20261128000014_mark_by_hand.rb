# What a teacher says of a question in a go: points that count instead of the machine's, and a comment.
class MarkByHand < ActiveRecord::Migration[7.2]
  def change
    create_table :remarks do |t|
      t.references :attempt, null: false, foreign_key: true, index: false
      t.integer :question, null: false
      t.float :points
      t.string :comment, null: false, default: ""
      t.datetime :updated_at, null: false
      t.index %i[attempt_id question], unique: true
    end
  end
end
