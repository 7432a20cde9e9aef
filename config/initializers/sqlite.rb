# Three things that Rails does not do by itself, needed for several threads on one SQLite file:
# a transaction takes the write lock when it begins (a lock taken halfway fails instead of waiting; a file
# that is only read has none);
# waiting for the lock lets other threads run (SQLite's own timer would hold Ruby's global lock,
# so that the thread with the write lock could never let go of it);
# and the threads of one process take turns, because SQLite gives the lock to whoever asks at the right
# moment, and in a full class somebody's stroke would wait for seconds. A test's own transaction is not one of
# these, so its threads do not wait for each other.
require Rails.root.join("lib/turns").to_s

ActiveSupport.on_load(:active_record) do
  require "active_record/connection_adapters/sqlite3_adapter"

  module SqliteForThreads
    TURNS = Concurrent::Map.new
    ActiveSupport::ForkTracker.after_fork { TURNS.clear }

    def transaction(**)
      return super if transaction_open? || @config[:readonly]
      TURNS.compute_if_absent(@config[:database]) { Turns.new }.take(seconds: patience.fdiv(1000)) { super }
    end

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
      @raw_connection.busy_handler_timeout = patience
    end

    # How long to wait for the lock, in milliseconds.
    def patience = @config.fetch(:timeout, 20_000).to_i
  end
  ActiveRecord::ConnectionAdapters::SQLite3Adapter.prepend(SqliteForThreads)
end
