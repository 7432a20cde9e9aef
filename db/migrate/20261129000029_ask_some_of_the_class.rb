# A question may be for some seats alone; answers may lie together under a name.
class AskSomeOfTheClass < ActiveRecord::Migration[7.2]
  def change
    add_column :polls, :seats, :json
    add_column :answers, :pile, :string
  end
end
