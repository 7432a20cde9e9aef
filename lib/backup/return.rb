# Brings a copy back into an empty folder, having checked all of it first.
class Backup::Return
  # from: a copy, or a folder of them (then its newest); data: where it goes.
  def initialize(from, data)
    @copy = File.exist?(File.join(from, "manifest.json")) ? File.expand_path(from) : Backup.all(File.expand_path(from)).last
    raise Backup::Problem, "There is no backup in #{from}." unless @copy
    @data = File.expand_path(data)
  end

  # Answers with the path of the copy. Yields sentences about how far it is. Raises Backup::Problem, and then the folder
  # is as it was.
  def bring(&told)
    @told = told || proc { }
    raise Backup::Problem, "#{@data} is not empty. Bring a backup back into a new folder, and set USHER_DATA to it." if Dir.exist?(@data) && Dir.children(@data).any?
    manifest = Backup::Manifest.read(@copy)
    check(manifest)
    part = "#{@data}.part"
    FileUtils.rm_rf(part)
    lay(manifest, part)
    Dir.rmdir(@data) if Dir.exist?(@data)
    File.rename(part, @data)
    @copy
  rescue SystemCallError, SQLite3::Exception => error
    raise Backup::Problem, "The backup could not be brought back: #{error.message}"
  end

  private

  def pool = File.dirname(@copy)

  def check(manifest)
    manifest.databases.each { |name, digest| same(File.join(@copy, File.basename(name)), digest) && sound(File.join(@copy, File.basename(name))) }
    manifest.files.each_with_index do |(key, file), index|
      @told.call("Checking files: #{index + 1} of #{manifest.files.size}") if (index % 100).zero? || index + 1 == manifest.files.size
      raise Backup::Problem, "The backup names a file by #{key.inspect}, which is no name of one." unless key.match?(/\A[a-z0-9]{10,}\z/i)
      same(Backup.place(pool, key), file["digest"])
    end
  end

  def same(path, digest)
    raise Backup::Problem, "#{path} is missing." unless File.exist?(path)
    Backup.digest(path) == digest or raise Backup::Problem, "#{path} is not as it was copied: the backup is damaged."
  end

  def sound(path)
    database = SQLite3::Database.new(path, readonly: true)
    found = database.execute("PRAGMA integrity_check").flatten
    raise Backup::Problem, "#{path} is damaged: #{found.first}" unless found == [ "ok" ]
  ensure
    database&.close
  end

  def lay(manifest, part)
    FileUtils.mkdir_p(part, mode: 0o700)
    manifest.databases.each_key { |name| FileUtils.cp(File.join(@copy, File.basename(name)), part) }
    FileUtils.cp(File.join(@copy, "secret_key"), part) if manifest.secret
    manifest.files.each_key do |key|
      to = Backup.place(part, key)
      FileUtils.mkdir_p(File.dirname(to))
      FileUtils.cp(Backup.place(pool, key), to)
    end
    @told.call("Brought back #{manifest.files.size} files and #{manifest.databases.size} databases")
  end
end
