require "test_helper"

# What a device is told of its modules: everything that it may ever want, and no more.
class DeviceModulesTest < ActionDispatch::IntegrationTest
  test "a device knows what it may fetch later, and not what only a board wants" do
    lesson = lesson(teacher)
    post seat_path, params: { code: Sitting.open_doors(lesson, lesson.pages.first).code, name: "Juniper" }
    get seat_path
    imports = JSON.parse(response.body[%r{<script type="importmap"[^>]*>(.*?)</script>}m, 1]).fetch("imports")
    known = imports.keys
    assert_empty %w[device htmx device/follower device/writing board/tools/pen media/player surface/rolling idiomorph shared/listening] - known
    assert_empty ModuleGraph.names.grep(%r{\Aplayers/}) - known
    assert_empty known & %w[board board/fetched board/commands/copy simple-keyboard media/store_room]
    assert_empty response.body.scan(/rel="modulepreload" href="([^"]+)"/).flatten - imports.values
  end
end
