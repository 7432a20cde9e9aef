# What a copy consists of: { "version", "made_at", "databases" => { name => digest }, "secret" => digest or nil,
# "files" => { key => { "bytes", "digest" } } }.
class Backup::Manifest
  def self.read(copy)
    found = JSON.parse(File.read(File.join(copy, "manifest.json")))
    raise Backup::Problem, "#{copy} was made by a later Usher." if found["version"].to_i > Backup::VERSION
    new(found)
  rescue JSON::ParserError, SystemCallError => error
    raise Backup::Problem, "#{copy} is no backup that can be read (#{error.message})."
  end

  def initialize(values) = @values = values

  def databases = @values.fetch("databases")
  def files = @values.fetch("files")
  def secret = @values["secret"]
  def write(copy) = File.write(File.join(copy, "manifest.json"), JSON.pretty_generate(@values))
end
