require "test_helper"
require Rails.root.join("lib/backup").to_s

class BackupStreamTest < ActiveSupport::TestCase
  setup do
    @root = Dir.mktmpdir("usher-stream")
    @data, @folder = File.join(@root, "data"), File.join(@root, "copy")
    FileUtils.mkdir_p(Backup.place(@data, "aaaabbbbccccdddd").then { |path| File.dirname(path) })
    File.write(Backup.place(@data, "aaaabbbbccccdddd"), "boat")
    File.write(File.join(@data, "secret_key"), "tide")
    @database, @queue = %w[test test_queue].map do |name|
      SQLite3::Database.new(File.join(@data, "#{name}.sqlite3")).tap { |made| made.execute_batch("PRAGMA journal_mode = wal; CREATE TABLE words (word TEXT);") }
    end
  end

  teardown do
    system("pkill", "-f", "usher-stream[0-9]*-#{Process.pid}-")
    sleep 0.3 if @threads # its end is told of
    @threads.to_a.each(&:kill)
    [ @database, @queue ].each(&:close)
    FileUtils.rm_rf(@root)
  end

  def words(data) = SQLite3::Database.new(File.join(data, "test.sqlite3")).then { |found| found.execute("SELECT word FROM words").flatten.tap { found.close } }

  test "what was written a moment ago comes back, with files and the secret" do
    @threads = Backup::Stream.new(@data, @folder, environment: "test").start
    @database.execute("INSERT INTO words VALUES ('ebb')")
    back = File.join(@root, "back")
    80.times do
      Backup::Stream.new(back, @folder, environment: "test").bring
      break if words(back) == [ "ebb" ]
    rescue Backup::Problem
      sleep 0.25
    ensure
      FileUtils.rm_rf(back) unless File.exist?(File.join(back, "test.sqlite3")) && words(back) == [ "ebb" ]
    end
    assert_equal [ "ebb" ], words(back)
    assert_equal [ "tide", "boat" ], [ File.read(File.join(back, "secret_key")), File.read(Backup.place(back, "aaaabbbbccccdddd")) ]
  end

  test "a folder that is not empty, and a copy that is none, are said so" do
    assert_match(/is not empty/, assert_raises(Backup::Problem) { Backup::Stream.new(@data, @folder, environment: "test").bring }.message)
    assert_match(/could not be brought back/, assert_raises(Backup::Problem) { Backup::Stream.new(File.join(@root, "back"), @folder, environment: "test").bring }.message)
    assert_not Backup::Stream.at?(@folder)
    assert Backup::Stream.at?("s3://gullpoint/usher")
  end
end
