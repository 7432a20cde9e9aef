require "application_system_test_case"
require "socket"

# The server is killed without warning in the middle of writing; nothing that was acknowledged is
# lost, and what was not is kept by the browser until the server is back. A real server in a process
# and with data of its own.
class CrashTest < ApplicationSystemTestCase
  self.use_transactional_tests = false

  setup do
    @data = Dir.mktmpdir("usher-crash")
    @port = Addrinfo.tcp("127.0.0.1", 0).bind { |socket| socket.local_address.ip_port }
    @env = { "USHER_DATA" => @data, "RAILS_ENV" => "test", "PORT" => @port.to_s, "USHER_BIND" => "127.0.0.1", "USHER_THREADS" => "5", "USHER_DEMO" => "0" }
    system(@env, "bin/rails", "runner", <<~RUBY, exception: true, chdir: Rails.root.to_s, out: File::NULL)
      ActiveRecord::Tasks::DatabaseTasks.prepare_all
      ActiveRecord::Base.establish_connection(:primary)
      owner = Teacher.create!(name: "Maren", email: "crash@gullpoint.example", password: #{World::PASSWORD.inspect})
      Lesson.start(teacher: owner, title: "Storm")
    RUBY
    start
    @app_host, Capybara.app_host = Capybara.app_host, "http://127.0.0.1:#{@port}"
  end

  teardown do
    stop
    Capybara.app_host = @app_host
    FileUtils.rm_rf(@data)
  end

  test "kill -9 in the middle of writing loses nothing that was kept, and nothing that was not" do
    visit "/session/new"
    fill_in "Email address", with: "crash@gullpoint.example"
    fill_in "Password", with: World::PASSWORD
    click_button "Sign in"
    click_link "Storm", match: :first
    assert_selector "#stage[style*=cursor]"
    tool "pen"
    acknowledged = 0
    4.times { |line| draw wave([ 300, 180 + line * 40 ], count: 12) }
    eventually { (acknowledged = kept) == 4 }
    draw wave([ 600, 180 ], count: 12), hold: true
    stop
    lift wave([ 600, 180 ], count: 12).last
    2.times { |line| draw wave([ 600, 260 + line * 40 ], count: 12) }
    assert_text "not kept yet"
    assert_equal 3, unsent
    start
    assert_operator kept, :>=, acknowledged
    assert_text "every change kept", wait: 20
    assert_equal 7, kept
    page.refresh
    assert_selector "[data-kind=ink]", count: 7, visible: :all
  end

  private

  def start
    @server = spawn(@env, "bundle", "exec", "puma", "-C", "config/puma.rb", chdir: Rails.root.to_s, out: File::NULL, err: File::NULL)
    eventually("the server started", seconds: 40) { TCPSocket.new("127.0.0.1", @port).close || true rescue false }
  end

  def stop
    return unless @server
    Process.kill(:KILL, @server)
    Process.wait(@server)
    @server = nil
  end

  def kept
    SQLite3::Database.new(File.join(@data, "test.sqlite3"), readonly: true) { |database| return database.get_first_value("SELECT COUNT(*) FROM items") }
  end
end
