require "fileutils"

# The folder in which everything of a school lies: for this account's eyes only, and for one server at a time, or for several
# that know of each other by Redis.
module DataFolder
  LOCK = "server.lock".freeze

  module_function

  # Makes it where it is not there yet. Raises a SystemExit with a sentence where it cannot be used, or is in use.
  def check(folder, shared: false) = claim(folder, shared: shared).close

  # The same, and keeps it for this process until it ends. shared: with others that say so, too.
  def claim(folder, shared: false)
    FileUtils.mkdir_p(folder)
    File.chmod(0o700, folder)
    @claimed = File.open(File.join(folder, LOCK), File::RDWR | File::CREAT, 0o600)
    @alone = @claimed.flock(File::LOCK_EX | File::LOCK_NB)
    return @claimed if shared ? share : @alone
    abort "Usher is running on #{folder} already. Stop that one first, or set USHER_DATA to another folder."
  rescue SystemCallError => error
    abort "Usher cannot write to its data folder #{folder} (#{error.message}).\nMake it writable for this account, or set USHER_DATA to a folder that is."
  end

  # Another one that just begins has it for itself for a moment.
  def share = 20.times.any? { @claimed.flock(File::LOCK_SH | File::LOCK_NB) || (sleep(0.1) && false) }

  # Whether no other server was at work on it when this one came.
  def alone? = @alone != false
end
