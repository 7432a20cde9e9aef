require "test_helper"
require "minitest/mock"

# Heavy actions as they are in a school: done in another process, which has connections of its own.
class ForkedAnswersTest < ActionDispatch::IntegrationTest
  self.use_transactional_tests = false

  setup do
    Forked.off = false
    @maren = teacher
    @lesson = lesson(@maren)
    sign_in @maren
  end

  teardown do
    Forked.off = true
    @maren.destroy!
    Entry.delete_all
  end

  # libvips may have been used by this process before, by other tests, and is not to be had in forks of it then: a drawing,
  # which is not compared here with what was cleaned.
  test "a picture that is uploaded is there, and what is none gets its sentence" do
    Picture::Likeness.stub(:new, ->(*) { Struct.new(:alike?).new(true) }) { post pictures_path(format: :json), params: { file: upload(svg) } }
    assert_response :success
    assert_equal [ 40.0, "boat" ], @maren.pictures.find(answer["picture"]).then { |picture| [ picture.width, picture.spoken_name ] }
    post pictures_path(format: :json), params: { file: upload("no picture", "map.png") }
    assert_response :unprocessable_entity
    assert_equal 1, @maren.pictures.count
  end

  test "a PDF, an archive and a sheet of paper arrive whole" do
    task = activity(@lesson)
    get activity_paper_path(task)
    assert_equal [ 200, "application/pdf", "%PDF" ], [ response.status, response.media_type, response.body[0, 4] ]
    get shared_pdf_path(@lesson.shares.create!.token)
    assert_equal [ 200, "%PDF" ], [ response.status, response.body[0, 4] ]
    post account_archive_path, params: { password: World::PASSWORD }
    assert_equal [ 200, "application/zip", "PK" ], [ response.status, response.media_type, response.body[0, 2] ]
    assert_equal response.body.bytesize, response.headers["Content-Length"].to_i
  end

  test "what takes too long is told so" do
    Usher::Formats::Pdf::Writer.stub(:write, ->(*) { raise Forked::Failed }) { get activity_paper_path(activity(@lesson)), headers: { "HX-Request" => "true" } }
    assert_equal [ 422, "That took more time or memory than Usher gives it. Nothing was changed." ], [ response.status, response.body ]
  end
end
