# Three things that Rails does not do by itself, needed for several threads on one SQLite file, and a fourth for speed:
# a transaction takes the write lock when it begins (a lock taken halfway fails instead of waiting; a file
# that is only read has none);
# a lock that another process has is asked for again and again from Ruby (SQLite's own timer would hold Ruby's global
# lock, and its busy handler one of SQLite's, in which a process forked at that moment would wait for ever);
# and the threads of one process take turns from beginning to commit, because SQLite gives the lock to
# whoever asks at the right moment, and in a full class somebody's stroke would wait for seconds;
# and many rows go through one prepared statement, because writing and reading the text of a long one takes longer
# than cutting the ink it keeps (bench/erase).
require Rails.root.join("lib/turns").to_s

ActiveSupport.on_load(:active_record) do
  require "active_record/connection_adapters/sqlite3_adapter"
  SQLite3::ForkSafety.suppress_warnings! # forks let go of the connections they were handed and make their own (Forked)

  module SqliteForThreads
    TURNS = Concurrent::Map.new
    PAUSE = [ 0.001, 0.002, 0.004, 0.007 ].freeze # seconds until a lock is asked for again
    ActiveSupport::ForkTracker.after_fork { TURNS.clear }

    # Whatever happens in it, and whether or not it came to its end, the turn is given back.
    def transaction(**)
      return super if transaction_open?
      begin
        super
      ensure
        turns.leave(self)
      end
    end

    def begin_db_transaction
      turns.enter(self, seconds: patience.fdiv(1000)) unless @config[:readonly]
      log("begin immediate transaction", "TRANSACTION") do
        with_raw_connection(allow_retry: true, materialize_transactions: false) do |connection|
          connection.transaction(@config[:readonly] ? :deferred : :immediate).tap { verified! }
        end
      end
    end

    # What follows a commit, such as moving a large file, keeps nobody waiting.
    def commit_db_transaction = super.tap { turns.leave(self) }
    def exec_rollback_db_transaction = super.tap { turns.leave(self) }

    # Runs a statement that changes rows once for each of `lists`, lists of values (strings, numbers, nil, true and
    # false). `shared`: the values of its first placeholders, which are the same every time and bound once.
    def execute_each(sql, shared, lists, name = nil)
      clear_query_cache
      log(sql, name) do
        with_raw_connection do |connection|
          connection.prepare(sql) do |statement|
            bind(statement, shared, 0)
            lists.each do |values|
              bind(statement, values, shared.size)
              statement.step
              statement.reset!
            end
          end
        end
      end
    end

    private

    def bind(statement, values, after) = values.each { |value| statement.bind_param(after += 1, plain(value)) }

    # SQLite has no true and false. Rails' own look at each value took half as long as the statement.
    def plain(value)
      case value
      when true then 1
      when false then 0
      else value
      end
    end

    def turns = TURNS.compute_if_absent(@config[:database]) { Turns.new }

    # How long to wait for the lock, in milliseconds.
    def patience = @config.fetch(:timeout, 20_000).to_i

    def configure_connection
      super
      @raw_connection.busy_timeout(0)
    end

    def with_raw_connection(**)
      super { |connection| patiently(connection) { yield connection } }
    end

    # A statement that got no lock has done nothing yet; within a transaction it has the lock.
    def patiently(connection)
      last = nil
      begin
        yield
      rescue SQLite3::BusyException
        now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
        last ||= now + patience.fdiv(1000)
        raise if now > last || connection.transaction_active?
        sleep PAUSE.sample
        retry
      end
    end
  end
  ActiveRecord::ConnectionAdapters::SQLite3Adapter.prepend(SqliteForThreads)
end
