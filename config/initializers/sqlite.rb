# Two things that later Rails does by itself, needed for several threads on one SQLite file:
# a transaction takes the write lock when it begins (a lock taken halfway fails instead of waiting; a file
# that is only read has none),
# and waiting for the lock lets other threads run (SQLite's own timer would hold Ruby's global lock,
# so that the thread with the write lock could never let go of it).
ActiveSupport.on_load(:active_record) do
  require "active_record/connection_adapters/sqlite3_adapter"

  module SqliteForThreads
    def begin_db_transaction
      log("begin immediate transaction", "TRANSACTION") do
        with_raw_connection(allow_retry: true, materialize_transactions: false) do |connection|
          connection.transaction(@config[:readonly] ? :deferred : :immediate).tap { verified! }
        end
      end
    end

    private

    def configure_connection
      super
      @raw_connection.busy_handler_timeout = @config.fetch(:timeout, 5000).to_i
    end
  end
  ActiveRecord::ConnectionAdapters::SQLite3Adapter.prepend(SqliteForThreads)
end
