# The app in the bench's own process: as the server runs it (config/ruby.env, by starting anew), in production, with data
# of its own: nothing, or the demo school where a bench has set USHER_DEMO.
require "fileutils"
require "tmpdir"
require_relative "server"

unless ENV["USHER_BENCH_APP"]
  gemfile = { "BUNDLE_GEMFILE" => File.join(Bench::ROOT, "Gemfile"), "USHER_BENCH_APP" => "1" }
  exec(gemfile.merge(Bench.ruby_settings), RbConfig.ruby, "-rbundler/setup", File.expand_path($PROGRAM_NAME), *ARGV)
end

data = Dir.mktmpdir("usher-bench")
ours = Process.pid
at_exit { FileUtils.rm_rf(data) if Process.pid == ours }
ENV.update("RAILS_ENV" => "production", "RAILS_LOG_LEVEL" => "error", "USHER_DATA" => data)
ENV["USHER_DEMO"] ||= "0"
require_relative "../../config/environment"
ActiveRecord::Tasks::DatabaseTasks.prepare_all
ActiveRecord::Base.establish_connection(:primary)

module Bench
  PASSWORD = "low tide at noon".freeze

  module_function

  def teacher = @teacher ||= Teacher.create!(name: "Bench", email: "bench@gullpoint.example", password: PASSWORD)

  # The teacher's browser at the board of a page: [session, the headers of requests with operations].
  def at_board(page)
    session = ActionDispatch::Integration::Session.new(Rails.application)
    session.host! "localhost"
    session.get "/session/new"
    token = -> { session.response.body[/csrf-token" content="([^"]+)"/, 1] }
    session.post "/session", params: { email: teacher.email, password: PASSWORD, authenticity_token: token.call }
    session.get "/lessons/#{page.lesson_id}"
    [ session, { "Content-Type" => "application/vnd.usher.operations+json", "Accept" => "application/json", "X-CSRF-Token" => token.call } ]
  end
end
