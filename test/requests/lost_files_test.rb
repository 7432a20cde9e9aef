require "test_helper"

# A picture's file that was lost from the disk takes nothing else with it.
class LostFilesTest < ActionDispatch::IntegrationTest
  include World

  test "pages, print and captures are drawn without it, and it is not there itself" do
    sign_in owner = teacher("owner")
    lesson = lesson(owner)
    page = lesson.pages.first
    lay(page, { "kind" => "picture", "id" => "boat", "x" => 100, "y" => 100, "width" => 400, "height" => 300, "picture" => (picture = picture_of(owner)).id }, { "kind" => "note", "id" => "n", "x" => 700, "y" => 100, "width" => 200, "height" => 120, "text" => "High tide" })
    picture.file.blob.service.delete(picture.file.blob.key)
    [ picture_path(picture), lesson_path(lesson), page_thumbnail_path(page) ].each do |path|
      get path
      assert_includes [ 200, (404 if path == picture_path(picture)) ], response.status, path
    end
    assert_match(/\A%PDF/, LessonPrint.new(lesson).pdf)
    assert_operator page.capture([ 0, 0, *page.size ]).width, :>, 100
  end
end
