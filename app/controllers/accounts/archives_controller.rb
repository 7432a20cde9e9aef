# One file with everything that is the teacher's, to be taken along.
class Accounts::ArchivesController < ApplicationController
  include AsksPassword, Heavy
  for_teachers
  asks_password
  heavy only: :create

  def create
    file = Tempfile.create([ "usher-archive", ".zip" ])
    Teacher::Archive.new(teacher).write(file.path)
    Entry.note("exported", who: teacher, about: "everything that is theirs", request: request)
    response.headers["Content-Disposition"] = ActionDispatch::Http::ContentDisposition.format(disposition: "attachment", filename: "usher-#{Date.current}.zip")
    response.headers["Content-Type"] = "application/zip"
    response.headers["Content-Length"] = File.size(file.path).to_s
    self.response_body = Parting.new(file.path)
  end

  # Hands a file out in pieces, or as what it is where that is opened, and deletes it afterwards.
  class Parting
    PIECE = 256.kilobytes

    attr_reader :path
    alias_method :to_path, :path

    def initialize(path) = @path = path

    def each
      return to_enum unless block_given?
      File.open(@path, "rb") { |file| while (piece = file.read(PIECE)) do yield piece end }
    end

    def close = FileUtils.rm_f(@path)
  end
end
