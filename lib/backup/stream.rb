require "open3"
require "tempfile"
require "tmpdir"
require "yaml"

# Copies the databases while they change, by litestream: into a folder, or a bucket of a store that speaks S3. Into a folder
# the secret and the stored files go too, a minute later at most; a bucket gets the databases alone.
#
#   TARGET/stream/production.sqlite3/   what litestream keeps of a database
#   TARGET/stream/secret_key, files/    folders only; apart from the files of other backups, which forget old ones
class Backup::Stream
  EVERY = 60 # seconds between two looks for new files
  AGAIN = 5 # seconds until a program that ended is started anew
  NAMES = %w[%s.sqlite3 %s_queue.sqlite3].freeze

  # Whether that is, or holds, such a copy.
  def self.at?(target) = bucket?(target) || Dir.exist?(File.join(target, "stream"))
  def self.bucket?(target) = target.start_with?("s3://")

  # data: the folder Usher keeps everything in; target: a folder, or s3://bucket/path.
  def initialize(data, target, environment: "production")
    @data, @environment = File.expand_path(data), environment
    @target = bucket?(target) ? target.chomp("/") : File.expand_path(target)
  end

  # For as long as this process lives. Answers at once. told: called with a sentence where something goes wrong.
  def start(&told)
    @told = told || proc { }
    FileUtils.mkdir_p(kept, mode: 0o700) unless bucket?
    [ Thread.new { loop { follow } }, *(Thread.new { loop { copy_files && sleep(EVERY) } } unless bucket?) ]
  end

  # Brings everything back into an empty folder. Raises Backup::Problem.
  def bring(&told)
    raise Backup::Problem, "#{@data} is not empty. Bring a backup back into a new folder, and set USHER_DATA to it." if Dir.exist?(@data) && Dir.children(@data).any?
    part = "#{@data}.part"
    FileUtils.rm_rf(part)
    FileUtils.mkdir_p(part, mode: 0o700)
    names.each { |name| restore(name, part, &told) }
    bring_files(part, &told) unless bucket?
    FileUtils.rm_rf(@data)
    File.rename(part, @data)
    @target
  rescue SystemCallError => error
    raise Backup::Problem, "The copy could not be brought back: #{error.message}"
  end

  # The stored files that are new; answers with true.
  def copy_files
    FileUtils.cp(File.join(@data, "secret_key"), kept) if File.exist?(File.join(@data, "secret_key"))
    Dir[File.join(@data, "files", "??", "??", "*")].each do |path|
      to = Backup.place(kept, File.basename(path))
      next if File.exist?(to) && File.size(to) == File.size(path)
      FileUtils.mkdir_p(File.dirname(to))
      FileUtils.cp(path, "#{to}.part")
      File.rename("#{to}.part", to)
    end
    true
  rescue SystemCallError => error
    @told&.call("Files could not be copied to #{@target}: #{error.message}")
    true
  end

  private

  def bucket?(target = @target) = self.class.bucket?(target)
  def kept = File.join(@target, "stream")
  def names = NAMES.map { |name| format(name, @environment) }

  # One life of the program.
  def follow
    file = settings
    problem, = Open3.capture2e("setpriv", "--pdeathsig", "TERM", program, "replicate", "-config", file.path)
    @told.call("Copying to #{@target} ended: #{problem.lines.last.to_s.strip}")
    sleep AGAIN
  ensure
    file&.close!
  end

  def restore(name, part, &told)
    file = settings
    said, status = Open3.capture2e(program, "restore", "-config", file.path, "-integrity-check", "full", "-o", File.join(part, name), File.join(@data, name))
    raise Backup::Problem, "#{name} could not be brought back: #{said.lines.last.to_s.strip}" unless status.success?
    File.chmod(0o600, File.join(part, name))
    told&.call("Brought back #{name}")
  ensure
    file&.close!
  end

  def bring_files(part, &told)
    secret = File.join(kept, "secret_key")
    FileUtils.cp(secret, part) if File.exist?(secret)
    keys = Dir[File.join(kept, "files", "??", "??", "*")].map { |path| File.basename(path) }.reject { |key| key.end_with?(".part") }
    keys.each do |key|
      FileUtils.mkdir_p(File.dirname(Backup.place(part, key)))
      FileUtils.cp(Backup.place(kept, key), Backup.place(part, key))
    end
    told&.call("Brought back #{keys.size} files")
  end

  def settings
    databases = names.map { |name| { "path" => File.join(@data, name), "replica" => place(name) } }
    Tempfile.new([ "usher-stream", ".yml" ]).tap { |file| file.write({ "dbs" => databases }.to_yaml) && file.flush }
  end

  # A bucket's key and secret are read by litestream itself, from AWS_ACCESS_KEY_ID and AWS_SECRET_ACCESS_KEY.
  def place(name)
    return { "type" => "file", "path" => File.join(kept, name) } unless bucket?
    { "url" => "#{@target}/stream/#{name}", "endpoint" => ENV["USHER_COPY_ENDPOINT"], "region" => ENV["AWS_REGION"] }.compact
  end

  def program
    require "litestream/commands"
    Litestream::Commands.executable
  end
end
