require "application_system_test_case"

# The bar of what is chosen hides neither what it changes nor what lies beside it.
class LabelBarTest < ApplicationSystemTestCase
  setup { start_at_board }

  test "a drag that begins on the bar carries the thing under it; a tap there is the button's" do
    lay(@page, box("high", 600, 60), box("chosen", 600, 330), box("low", 600, 500))
    %w[mouse touch].each do |type|
      tap_at(*on_screen(700, 370))
      assert_selector "#label-bar:not([hidden])"
      under = eventually("the bar lies over neither") { %w[high low].find { |id| overlap?(rect("#item-#{id}"), rect("#label-bar")) } }
      bar = rect("#label-bar")
      thing = rect("#item-#{under}")
      spot = [ %w[left right], %w[top bottom] ].map { |from, to| ([ bar[from], thing[from] ].max + [ bar[to], thing[to] ].min) / 2 }
      was = data(under)["x"]
      path = Array.new(8) { |n| [ spot[0] + n * 12, spot[1] ] }
      type == "touch" ? touch(path) : draw(path)
      eventually { data(under)["x"] > was + 40 }
      assert_equal 600, data("chosen")["x"]
      tap_at(*on_screen(100, 850))
      assert_selector "#label-bar[hidden]", visible: :all
    end
    tap_at(*on_screen(700, 370))
    within("#label-bar") { click_button "Delete" }
    eventually { data("chosen").nil? }
  end

  test "how a thing looks is changed beside it, wherever it lies" do
    { "top" => [ 700, 30 ], "middle" => [ 700, 400 ], "bottom" => [ 700, 780 ], "right" => [ 1380, 500 ], "left" => [ 20, 300 ] }.each do |name, place|
      lay(@page, box(name, *place))
      tap_at(*on_screen(place[0] + 100, place[1] + 45))
      within("#label-bar") { click_button "Look" }
      assert_selector ".looks"
      eventually(name) { !overlap?(rect(".looks"), rect("#item-#{name}")) }
      looks = rect(".looks")
      assert looks["left"] >= 0 && looks["top"] >= 0 && looks["right"] <= 1280 && looks["bottom"] <= 800, name
      find("#stage").send_keys :delete
      eventually { data(name).nil? }
    end
  end

  private

  def box(id, x, y) = { "kind" => "rectangle", "id" => id, "x" => x, "y" => y, "width" => 200, "height" => 90, "fill" => "#d9eee3" }
  def rect(selector) = page.evaluate_script("document.querySelector(#{selector.to_json}).getBoundingClientRect().toJSON()")
  def overlap?(one, other) = one["left"] < other["right"] && other["left"] < one["right"] && one["top"] < other["bottom"] && other["top"] < one["bottom"]
end
