require "test_helper"
require Rails.root.join("lib/backup").to_s

# On a data folder of its own, since tests write inside of a transaction that no copy would see.
class BackupTest < ActiveSupport::TestCase
  setup do
    @root = Dir.mktmpdir("usher-backup")
    @data, @folder = File.join(@root, "data"), File.join(@root, "copies")
    FileUtils.mkdir_p(@data)
    @database = SQLite3::Database.new(File.join(@data, "test.sqlite3"))
    @database.execute_batch("PRAGMA journal_mode = wal; CREATE TABLE active_storage_blobs (key TEXT, service_name TEXT, byte_size INTEGER); CREATE TABLE words (word TEXT);")
    File.write(File.join(@data, "secret_key"), "tide")
    store "aaaabbbbccccdddd", "boat"
    write "ebb"
  end

  teardown do
    @database.close
    FileUtils.rm_rf(@root)
  end

  test "a copy brings everything back, without what came later" do
    copy = take
    write "flood"
    store "eeeeffffgggghhhh", "rope"
    back = bring(copy)
    assert_equal [ "ebb" ], words(back)
    assert_equal "boat", File.read(Backup.place(back, "aaaabbbbccccdddd"))
    assert_not File.exist?(Backup.place(back, "eeeeffffgggghhhh"))
    assert_equal "tide", File.read(File.join(back, "secret_key"))
    assert_equal 0o700, File.stat(back).mode & 0o777
    assert_equal [ "ebb", "flood" ], words(bring(take)), "the newest of a folder"
  end

  test "only what changed is copied again, and the oldest copies go with the files that only they had" do
    take(keep: 2)
    inode = File.stat(Backup.place(@folder, "aaaabbbbccccdddd")).ino
    @database.execute("DELETE FROM active_storage_blobs")
    store "eeeeffffgggghhhh", "rope"
    take(keep: 2)
    assert_equal inode, File.stat(Backup.place(@folder, "aaaabbbbccccdddd")).ino
    take(keep: 2)
    assert_equal 2, Backup.all(@folder).size
    assert_not File.exist?(Backup.place(@folder, "aaaabbbbccccdddd"))
    assert File.exist?(Backup.place(@folder, "eeeeffffgggghhhh"))
  end

  test "a file that went away is left out, one that was lost long ago does not stop the copy" do
    store "lostlostlostlost", "gone"
    File.delete(Backup.place(@data, "lostlostlostlost"))
    copy = take
    assert_equal [ "aaaabbbbccccdddd" ], Backup::Manifest.read(copy).files.keys
  end

  test "a file that is just being written is copied again once it is whole" do
    store "halfhalfhalfhalf", "a whole film"
    File.write(Backup.place(@data, "halfhalfhalfhalf"), "a who")
    writer = Thread.new { sleep(0.7) && File.write(Backup.place(@data, "halfhalfhalfhalf"), "a whole film") }
    back = bring(take)
    writer.join
    assert_equal "a whole film", File.read(Backup.place(back, "halfhalfhalfhalf"))
  end

  test "two do not copy into one folder at once" do
    FileUtils.mkdir_p(@folder)
    File.open(File.join(@folder, "lock"), File::RDWR | File::CREAT) do |lock|
      lock.flock(File::LOCK_EX)
      assert_match(/Another backup/, assert_raises(Backup::Problem) { take }.message)
    end
  end

  test "what is damaged, missing or has a name that is none is not brought back, and nothing is written" do
    { "changed" => ->(copy) { File.write(Backup.place(@folder, "aaaabbbbccccdddd"), "b0at") }, "missing" => ->(_) { File.delete(Backup.place(@folder, "aaaabbbbccccdddd")) },
      "database" => ->(copy) { File.write(File.join(copy, "test.sqlite3"), "x", 100) }, "manifest" => ->(copy) { File.write(File.join(copy, "manifest.json"), "{") },
      "name" => ->(copy) { change(copy) { |values| values["files"]["../../../etc/x"] = values["files"].delete("aaaabbbbccccdddd") } }, "later" => ->(copy) { change(copy) { |values| values["version"] = 9 } } }.each do |name, harm|
      FileUtils.rm_rf(@folder)
      copy = take
      harm.call(copy)
      into = File.join(@root, "back-#{name}")
      assert_raises(Backup::Problem, name) { Backup::Return.new(copy, into).bring }
      assert_not File.exist?(into), name
    end
  end

  test "a folder that is in use, or holds no copy, is refused with a sentence" do
    copy = take
    assert_match(/not empty/, assert_raises(Backup::Problem) { Backup::Return.new(copy, @data).bring }.message)
    assert_match(/no backup/, assert_raises(Backup::Problem) { Backup::Return.new(@data, @root).bring }.message)
    assert_match(/no .* to copy/i, assert_raises(Backup::Problem) { Backup::Copy.new(@root, @folder).make }.message)
  end

  private

  def store(key, bytes)
    FileUtils.mkdir_p(File.dirname(Backup.place(@data, key)))
    File.write(Backup.place(@data, key), bytes)
    @database.execute("INSERT INTO active_storage_blobs VALUES (?, 'local', ?)", [ key, bytes.bytesize ])
  end

  def write(word) = @database.execute("INSERT INTO words VALUES (?)", [ word ])
  def words(data) = SQLite3::Database.new(File.join(data, "test.sqlite3"), readonly: true) { |database| return database.execute("SELECT word FROM words").flatten }
  def take(**more) = Backup::Copy.new(@data, @folder, environment: "test", **more).make
  def bring(copy) = File.join(@root, "back-#{SecureRandom.hex(3)}").tap { |into| Backup::Return.new(copy == @folder ? @folder : copy, into).bring }

  def change(copy)
    values = JSON.parse(File.read(File.join(copy, "manifest.json")))
    yield values
    File.write(File.join(copy, "manifest.json"), values.to_json)
  end
end
