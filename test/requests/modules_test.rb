require "test_helper"

# What a page is told of its modules: a device everything that it may ever want, and no more; a board all but what only other
# pages begin with.
class ModulesTest < ActionDispatch::IntegrationTest
  test "a device knows what it may fetch later, and not what only a board wants" do
    lesson = lesson(teacher)
    post seat_path, params: { code: Sitting.open_doors(lesson, lesson.pages.first).code, name: "Juniper" }
    get seat_path
    known = imports.keys
    assert_empty %w[device htmx device/follower device/writing board/tools/pen media/player surface/rolling idiomorph shared/listening] - known
    assert_empty ModuleGraph.names.grep(%r{\Aplayers/}) - known
    assert_empty known & %w[board board/fetched board/commands/copy simple-keyboard media/store_room]
    assert_empty response.body.scan(/rel="modulepreload" href="([^"]+)"/).flatten - imports.values
  end

  test "a board knows all rooms but those of other pages" do
    sign_in owner = teacher
    get lesson_path(lesson(owner))
    others = ModuleGraph.names.grep(%r{\A(desk|device|prompter|take)(/|\z)})
    assert_equal (ModuleGraph.names - others).sort, ModuleGraph.names & imports.keys
    assert_empty ModuleGraph.ever_from("board") - imports.keys, "all that it reaches"
    assert_empty others & imports.keys
    assert_empty response.body.scan(/rel="modulepreload" href="([^"]+)"/).flatten - imports.values
  end

  private

  def imports = JSON.parse(response.body[%r{<script type="importmap"[^>]*>(.*?)</script>}m, 1]).fetch("imports")
end
