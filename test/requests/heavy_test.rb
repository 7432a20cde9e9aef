require "test_helper"
require "minitest/mock"

class HeavyTest < ActionDispatch::IntegrationTest
  test "when much is to be done heavy work is refused with a sentence, and what was made before is still there" do
    owner = teacher
    page = lesson(owner).pages.first
    lay(page, note("said"))
    sign_in owner
    get page_speech_path(page), params: { item: "said" }
    assert_response :success
    Heavy::WAY.stub(:pass, ->(*) { raise Bottleneck::Full }) do
      get page_speech_path(page), params: { item: "said" }
      assert_response :success, "it is spoken already"
      get page_speech_path(page), params: { item: "said", speed: 90 }
      assert_equal [ 429, "5" ], [ response.status, response.headers["Refresh"] ]
      post pictures_path, params: { file: upload(svg) }, headers: { "Accept" => "application/json" }
      assert_response :too_many_requests
      assert_equal [ Heavy::BUSY, "5" ], [ answer["error"], response.headers["Retry-After"] ]
      get shared_pdf_path(page.lesson.shares.create!.token)
      assert_match(/much to do/, response.body)
    end
  end

  test "how Usher is can be asked by anybody, and says no more than that" do
    get "/up"
    assert_response :success
    assert_equal %w[database disk queue well worker], answer.keys.sort
    Health.stub(:room, 1.megabyte) do
      get "/up"
      assert_response :service_unavailable
      assert_equal [ false, false, true ], answer.values_at("well", "disk", "database")
    end
  end
end
