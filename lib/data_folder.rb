require "fileutils"

# The folder in which everything of a school lies: for this account's eyes only, and for one server at a time.
module DataFolder
  LOCK = "server.lock".freeze

  module_function

  # Makes it where it is not there yet. Raises a SystemExit with a sentence where it cannot be used, or is in use.
  def check(folder) = claim(folder).close

  # The same, and keeps it for this process until it ends.
  def claim(folder)
    FileUtils.mkdir_p(folder)
    File.chmod(0o700, folder)
    @claimed = File.open(File.join(folder, LOCK), File::RDWR | File::CREAT, 0o600)
    return @claimed if @claimed.flock(File::LOCK_EX | File::LOCK_NB)
    abort "Usher is running on #{folder} already. Stop that one first, or set USHER_DATA to another folder."
  rescue SystemCallError => error
    abort "Usher cannot write to its data folder #{folder} (#{error.message}).\nMake it writable for this account, or set USHER_DATA to a folder that is."
  end
end
