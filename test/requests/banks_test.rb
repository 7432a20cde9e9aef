require "test_helper"
require Rails.root.join("core/test/activities/samples")

# The question bank and sheets made of it.
class BanksTest < ActionDispatch::IntegrationTest
  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    @quiz = made("true_false", "sentences" => Array.new(8) { |n| { "ask" => "The tide is #{n} high.", "true" => n.even? } })
    sign_in @owner
  end

  def made(kind, content) = @lesson.activities.create!(title: "Quiz", kind: kind, content: content)
  def keep(activity, **more) = post(bank_path, params: { activity_id: activity.id, subject: "Science", tags: "tides, Moon", **more }, headers: { "HX-Request" => "true" })
  def draw(**wanted) = get(bank_path(draw: 1, **wanted)) && response.parsed_body

  test "questions are kept once, by subject and tag, and found by words" do
    keep @quiz
    assert_equal "8 questions kept in your bank.", response.body
    keep @quiz
    assert_match(/in your bank already/, response.body)
    get bank_path, headers: { "HX-Request" => "true" }
    assert_match(/tides \(8\)/, response.body)
    get bank_path(part: "questions", about: "3 high"), headers: { "HX-Request" => "true" }
    assert_select "li b", text: "The tide is 3 high.", count: 1
    delete bank_question_path(@owner.bank_questions.first)
    assert_equal 7, @owner.bank_questions.count
  end

  test "five about tides, and another one please" do
    keep @quiz
    keep made("number", { "unit" => "free", "questions" => [ { "ask" => "3/4 of 8?", "right" => "6" } ] }), tags: "fractions"
    parts = draw(count: 5, about: "tides")
    assert_equal [ [ "true_false", 5 ] ], parts.map { |part| [ part["kind"], part["content"]["sentences"].size ] }
    another = draw(count: 1, about: "tides", kind: "true_false", except: parts.first["ids"]).first
    assert_empty another["ids"] & parts.first["ids"]
    assert_equal 1, another["content"]["sentences"].size
    assert_equal %w[number true_false], draw(count: 30).map { |part| part["kind"] }.sort
    [ { about: "whales" }, { about: "tides", except: @owner.bank_questions.ids }, { kind: "nothing" } ].each do |none|
      get bank_path(draw: 1, **none), as: :json
      assert_response :unprocessable_entity
      assert_match(/no other question/, response.body)
    end
  end

  test "questions with other settings are parts of their own" do
    %w[free asked].each { |unit| keep made("number", { "unit" => unit, "questions" => [ { "ask" => "3/4 of 8 m, #{unit}?", "right" => "6 m" } ] }), tags: "lengths" }
    keep made("order", { "of" => "letters", "lines" => [ { "right" => [ "buoy" ] } ] }), tags: "lengths"
    keep made("order", { "of" => "words", "lines" => [ { "right" => [ "the tide turns" ] } ] }), tags: "lengths"
    assert_equal [ %w[number asked], %w[number free], %w[order letters], %w[order words] ], draw(count: 9, about: "lengths").map { |part| [ part["kind"], part["content"]["unit"] || part["content"]["of"] ] }.sort
  end

  test "those of a sheet's parts are kept too; what has none says so" do
    keep made("sheet", Samples::CONTENT["sheet"].first)
    assert_equal "2 questions kept in your bank.", response.body
    keep made("match", { "rows" => [ %w[a b], %w[c d] ] })
    assert_match(/no questions one by one/, response.body)
    keep @quiz, subject: "x" * 80
    assert_response :unprocessable_entity
  end

  test "a sheet takes activities in, also the parts of other sheets" do
    sheet = made("sheet", Samples::CONTENT["sheet"].first)
    other = lesson(@owner).activities.create!(title: "Elsewhere", kind: "match", content: { "rows" => [ %w[a b], %w[c d] ] })
    lesson(teacher("Ivo")).activities.create!(title: "Not mine", kind: "match", content: other.content)
    get lesson_parts_path(@lesson), headers: { "HX-Request" => "true" }
    assert_select "[data-take-in]", text: "Say which"
    assert_select "li", text: /Elsewhere/
    assert_select "li", text: /Not mine/, count: 0
    rows = [ [ "One", "true_false", @quiz.content ], [ "Two", "match", other.content ] ]
    patch activity_path(sheet), params: { title: "Both", table: rows.to_json, settings: { way: "free" } }, headers: { "HX-Request" => "true" }
    assert_equal [ %w[One Two], "free" ], sheet.reload.content.then { |content| [ content["parts"].map { |part| part["title"] }, content["way"] ] }
    [ [], [ [ "One", "match", "x" ] ], [ [ "One", "sheet", sheet.content ] ] ].each do |bad|
      patch activity_path(sheet), params: { title: "Both", table: bad.to_json, settings: { way: "free" } }, headers: { "HX-Request" => "true" }
      assert_response :unprocessable_entity
    end
  end
end
