# The full-text index lies in the school's own database, but a virtual table is more than db/schema.rb
# can say. So each connection to that database makes sure of it, and Rails' own handling of tables
# (dumping the schema, emptying a test's database) does not see its parts.
ActiveSupport.on_load(:active_record) do
  require "active_record/connection_adapters/sqlite3_adapter"

  module SearchIndex
    def tables = super.grep_v(/\Asearch_words/)

    private

    def configure_connection
      super
      return if @config[:readonly] || @config[:database].to_s.include?("_queue.sqlite3")
      @raw_connection.execute("CREATE VIRTUAL TABLE IF NOT EXISTS search_words USING fts5(words, lesson_id UNINDEXED, tokenize = 'unicode61 remove_diacritics 2')")
    end
  end
  ActiveRecord::ConnectionAdapters::SQLite3Adapter.prepend(SearchIndex)
end
