# The nightly copy of everything, in a process of its own: copying a large database must not hold a class up.
class BackupJob < ApplicationJob
  class Failed < StandardError; end

  def perform
    said, status = Open3.capture2e(Rails.root.join("script/backup").to_s)
    raise Failed, said.lines.last.to_s.strip unless status.success?
  end
end
