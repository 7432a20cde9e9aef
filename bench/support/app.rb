# The app in the bench's own process: as the server runs it (config/ruby.env, by starting anew), in production, with data
# of its own that is not the demo school's.
require "fileutils"
require "tmpdir"
require_relative "server"

unless ENV["USHER_BENCH_APP"]
  gemfile = { "BUNDLE_GEMFILE" => File.join(Bench::ROOT, "Gemfile"), "USHER_BENCH_APP" => "1" }
  exec(gemfile.merge(Bench.ruby_settings), RbConfig.ruby, "-rbundler/setup", File.expand_path($PROGRAM_NAME), *ARGV)
end

data = Dir.mktmpdir("usher-bench")
at_exit { FileUtils.rm_rf(data) if Process.pid == Bench::PID }
Bench::PID = Process.pid
ENV.update("RAILS_ENV" => "production", "RAILS_LOG_LEVEL" => "error", "USHER_DATA" => data, "USHER_DEMO" => "0")
require_relative "../../config/environment"
ActiveRecord::Tasks::DatabaseTasks.prepare_all
ActiveRecord::Base.establish_connection(:primary)
