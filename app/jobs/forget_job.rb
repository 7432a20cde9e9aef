# What has been kept for as long as it is meant to be: students' work, sign-ins, letters and lines of the log.
class ForgetJob < ApplicationJob
  def perform
    School.current.outlived.find_each(&:forget)
    SchoolClass.due.find_each(&:forget)
    [ SignIn.forgotten, Letter.old, Entry.old ].each(&:delete_all)
  end
end
