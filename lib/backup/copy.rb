# Makes one copy of a data folder. Files first, then the databases as they are at one moment, then the files that came
# in between: so every file that the copied database names is there.
class Backup::Copy
  TRIES = 5
  PAUSE = 0.5 # seconds between them: a file that is just being written is whole by then

  # data: the folder Usher keeps everything in; folder: where copies go; environment: whose databases.
  def initialize(data, folder, environment: "production", keep: nil)
    @data, @folder, @environment, @keep = File.expand_path(data), File.expand_path(folder), environment, keep
  end

  # Answers with the path of the copy. Yields sentences about how far it is. Raises Backup::Problem.
  def make(&told)
    @told = told || proc { }
    raise Backup::Problem, "There is no #{main} to copy." unless File.exist?(main)
    raise Backup::Problem, "The backup must not lie in the folder of stored files." if @folder.start_with?(File.join(@data, "files"))
    FileUtils.mkdir_p(@folder, mode: 0o700)
    alone do
      add_files(stored)
      copy = nil
      TRIES.times { |number| (copy = try(last: number == TRIES - 1)) ? break : sleep(PAUSE) }
      forget if @keep
      copy
    end
  rescue SystemCallError, SQLite3::Exception => error
    raise Backup::Problem, "The backup could not be made: #{error.message}"
  end

  private

  # One at a time makes copies in a folder.
  def alone
    File.open(File.join(@folder, "lock"), File::RDWR | File::CREAT, 0o600) do |lock|
      raise Backup::Problem, "Another backup into #{@folder} is being made." unless lock.flock(File::LOCK_EX | File::LOCK_NB)
      yield
    end
  end

  def main = File.join(@data, "#{@environment}.sqlite3")
  def databases = Dir[File.join(@data, "#{@environment}*.sqlite3")]
  def stored = Dir[File.join(@data, "files", "??", "??", "*")].map { |path| File.basename(path) }

  # One copy, or nil where a file that its database names has gone meanwhile, or is not whole yet. last: what is not there
  # now was lost long ago, and is left out.
  def try(last:)
    name = (0..).lazy.map { |later| (Time.now.utc + later).strftime("%Y%m%dT%H%M%SZ") }.find { |free| !File.exist?(File.join(@folder, free)) }
    part = File.join(@folder, "#{name}.part")
    FileUtils.rm_rf(part)
    FileUtils.mkdir_p(part, mode: 0o700)
    digests = databases.to_h { |path| [ File.basename(path), snapshot(path, File.join(part, File.basename(path))) ] }
    sizes = named(File.join(part, File.basename(main)))
    return FileUtils.rm_rf(part) && nil unless settle(sizes) || last
    finish(part, digests, known.slice(*sizes.keys))
    File.rename(part, File.join(@folder, name))
    File.join(@folder, name)
  end

  # Copies what is missing or was copied while it was being written; whether all is there then.
  def settle(sizes)
    torn = sizes.reject { |key, bytes| known.dig(key, "bytes") == bytes }.keys
    torn.each { |key| known.delete(key) }
    add_files(torn)
    torn.all? { |key| known.dig(key, "bytes") == sizes[key] }
  end

  def finish(part, digests, files)
    secret = File.join(@data, "secret_key")
    FileUtils.cp(secret, part) if File.exist?(secret)
    Backup::Manifest.new("version" => Backup::VERSION, "made_at" => Time.now.utc.iso8601, "databases" => digests, "secret" => (Backup.digest(secret) if File.exist?(secret)), "files" => files).write(part)
  end

  # The database as it is at one moment, while others write.
  def snapshot(from, to)
    @told.call("Copying #{File.basename(from)} (#{File.size(from) / 1_000_000} MB)")
    source = SQLite3::Database.new(from, readonly: true)
    source.busy_timeout = 20_000
    source.execute("VACUUM INTO ?", [ to ])
    File.chmod(0o600, to)
    Backup.digest(to)
  ensure
    source&.close
  end

  # { key => bytes } of the files its database names that are kept on this disk; others are in a store elsewhere.
  def named(database)
    source = SQLite3::Database.new(database, readonly: true)
    source.execute("SELECT key, byte_size FROM active_storage_blobs WHERE service_name = 'local'").to_h
  ensure
    source&.close
  end

  # { key => { "bytes", "digest" } } of what lies among the copied files.
  def known = @known ||= Backup.all(@folder).last(1).map { |copy| Backup::Manifest.read(copy).files }.reduce({}, :merge).select { |key, _| File.exist?(Backup.place(@folder, key)) }

  def add_files(keys)
    fresh = keys.reject { |key| known.key?(key) }
    fresh.each_with_index do |key, index|
      @told.call("Copying files: #{index + 1} of #{fresh.size}") if (index % 100).zero? || index + 1 == fresh.size
      add(key)
    end
  end

  # A file that has just gone is left out: nothing names it any more, or the copy is tried again.
  def add(key)
    to = Backup.place(@folder, key)
    FileUtils.mkdir_p(File.dirname(to))
    FileUtils.cp(Backup.place(@data, key), "#{to}.part")
    File.rename("#{to}.part", to)
    known[key] = { "bytes" => File.size(to), "digest" => Backup.digest(to) }
  rescue Errno::ENOENT
    nil
  end

  # The oldest copies go, and then the files that none of the others names.
  def forget
    Backup.all(@folder)[0...-@keep].each { |copy| FileUtils.rm_rf(copy) }
    named = Backup.all(@folder).flat_map { |copy| Backup::Manifest.read(copy).files.keys }.to_set
    Dir[File.join(@folder, "files", "??", "??", "*")].each { |path| File.delete(path) unless named.include?(File.basename(path)) }
  end
end
