require "test_helper"
require_relative "../support/small_school"

class TeacherLeavingTest < ActiveSupport::TestCase
  include ActiveJob::TestHelper

  LEFT = %w[schema_migrations ar_internal_metadata active_storage_blobs utterances].freeze # blobs go with a job each

  test "a teacher who is deleted leaves nothing behind, and nobody else loses anything" do
    school.update!(email: "other@gullpoint.example")
    before = counts
    gone = school
    SignIn.create!(teacher: gone, digest: "x", address: "192.0.2.7", agent: "", seen_at: Time.current)
    assert_operator counts.values.sum, :>, before.values.sum
    perform_enqueued_jobs { gone.reload.destroy! }
    assert_equal before, counts
    assert_operator ActiveStorage::Blob.count, :<=, ActiveStorage::Attachment.count + 1
  end

  private

  def school
    SmallSchool.build
    Teacher.find_by!(email: "small@gullpoint.example")
  end

  def counts
    tables = ActiveRecord::Base.connection.tables.reject { |name| LEFT.include?(name) || name.include?("solid_queue") }
    tables.index_with { |name| ActiveRecord::Base.connection.select_value("SELECT COUNT(*) FROM #{name}") }
  end
end
