# Polls of many kinds: what was a number of letters becomes the settings of one kind, and a letter the value of an answer.
class AskInManyWays < ActiveRecord::Migration[7.2]
  def up
    change_table :polls do |t|
      t.string :kind, null: false, default: "letters"
      t.json :settings, null: false, default: {}
      t.string :question, null: false, default: ""
      t.boolean :anonymous, null: false, default: false
      t.json :answered, null: false, default: [] # of an anonymous one: the seats that have answered, in the order of their numbers
      t.integer :before_id # the one that is asked again
    end
    add_index :polls, :before_id
    execute "UPDATE polls SET settings = json_object('count', letters)"
    remove_column :polls, :letters
    add_column :answers, :value, :json
    execute "UPDATE answers SET value = json_quote(choice)"
    change_column_null :answers, :value, false
    remove_column :answers, :choice
    change_column_null :answers, :seat_id, true
    add_column :answers, :starred, :boolean, null: false, default: false
  end
end
