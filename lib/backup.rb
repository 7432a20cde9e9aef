# Copies of everything a school keeps, made while Usher runs, and brought back into an empty folder.
#
#   FOLDER/files/ab/cd/KEY        every stored file once, for all copies
#   FOLDER/20261128T031500Z/      one copy: the databases, the secret, and manifest.json, which names its files
#                                 with their sizes and SHA-256
module Backup
  VERSION = 1
  KEPT = 7

  # Something about a folder or a copy in it that whoever runs Usher has to know.
  class Problem < StandardError; end

  module_function

  # The copies in a folder, oldest first.
  def all(folder) = Dir[File.join(folder, "[0-9]*Z", "manifest.json")].map { |path| File.dirname(path) }.sort

  def digest(path) = Digest::SHA256.file(path).hexdigest

  # Where a stored file lies under a folder, as Active Storage's disk service lays it out.
  def place(root, key) = File.join(root, "files", key[0, 2], key[2, 2], key)
end

require "digest"
require "fileutils"
require "json"
require "set"
require "sqlite3"
require "time"
require_relative "backup/copy"
require_relative "backup/manifest"
require_relative "backup/return"
require_relative "backup/stream"
