# Whether the search's index has a page's words as they are; those that are here now are put there once more.
class IndexPagesLater < ActiveRecord::Migration[7.2]
  def change
    add_column :pages, :indexed, :boolean, null: false, default: false
    add_index :pages, :lesson_id, where: "NOT indexed", name: "index_pages_on_lesson_id_unindexed"
  end
end
