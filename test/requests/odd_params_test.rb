require "test_helper"

# Values of a kind that no form sends: a sensible answer, never a fault of ours.
class OddParamsTest < ActionDispatch::IntegrationTest
  test "nested values where one is meant" do
    owner = teacher
    lesson = lesson(owner)
    made, sitting = activity(lesson), sit(lesson)
    go = made.deal(to: Participant.of(seat(sitting)))
    sign_in owner
    odd = { a: { b: "c" } }
    asked = [ [ :get, bank_path, { draw: 1, except: odd, about: odd, kind: odd, count: odd } ], [ :post, activity_sendings_path(made), { sitting: sitting.id, some: 1, seats: odd } ], [ :get, activity_sendings_path(made), { sitting: odd } ],
      [ :get, lesson_faces_path(lesson), { page: odd, shelf: odd, q: odd, only: odd } ], [ :post, lesson_faces_path(lesson), { id: odd } ], [ :get, lesson_parts_path(lesson), { q: odd } ], [ :post, lesson_checks_path(lesson), { kind: odd } ],
      [ :post, lesson_checks_path(lesson), { kind: "sort", table: odd, title: odd, rules: "x", settings: "x", text: odd, picture: "3" } ], [ :post, lesson_checks_path(lesson), { kind: "gaps", settings: "x", text: "A [gap]" } ], [ :post, lesson_checks_path(lesson), { kind: "gaps", settings: { how: odd }, text: "A [gap]" } ], [ :post, activity_copy_path(made), { kind: odd } ], [ :patch, attempt_remarks_path(go), { remarks: "x" } ],
      [ :patch, attempt_remarks_path(go), { remarks: { "0" => { points: odd, comment: odd } } } ], [ :post, lesson_proposals_path(lesson), { kind: "gaps", from: odd } ], [ :post, lesson_proposals_path(lesson), { kind: odd, from: "x" } ], [ :get, attempt_path(go), { part: odd } ], [ :post, bank_path, { activity_id: made.id, subject: odd, tags: odd } ] ]
    asked.each do |verb, path, params|
      send(verb, path, params: params, headers: { "HX-Request" => "true" })
      assert_operator response.status, :<, 500, "#{verb} #{path} #{params}"
    end
  end
end
