require "core_test"

# What says more than it shows leaves as a frame where any of it is under a cover.
class CurtainedTest < CoreTest
  include Usher

  OWN = {
    "link_card" => { "address" => "https://gullpoint.example/spring", "title" => "Spring tide", "about" => "Spring of the year", "picture" => 7 },
    "framed" => { "address" => "https://gullpoint.example/spring", "title" => "Spring tide" }, "area" => { "title" => "Spring" },
    "activity" => { "activity" => 7, "title" => "Spring tide", "activity_kind" => "sort", "tiles" => [ "spring" ] },
    "sound" => { "asset" => 7, "title" => "Spring tide" }, "video" => { "asset" => 7, "picture" => 7, "title" => "Spring tide" }
  }.freeze

  def placed(kind, **more) = Page::Placed.new(Items.build({ "kind" => kind, "id" => kind, "x" => 100, "y" => 100, "width" => 500, "height" => 300, **OWN.fetch(kind, {}), **more.transform_keys(&:to_s) }), 1)

  OWN.each_key do |kind|
    define_method("test_a_#{kind}_partly_under_a_cover_tells_nothing") do
      page = Page::Memory.new([ placed(kind) ])
      whole = Page::Drawing.item(page.find([ kind ]).fetch(kind), 1)
      assert_match(/spring/i, whole)
      page.run({ "verb" => "put", "items" => [ { "kind" => "cover", "id" => "lid", "x" => 90, "y" => 90, "width" => 40, "height" => 40 } ] })
      item = page.find([ kind ]).fetch(kind)
      veiled = Page::Drawing.veiled(item, 1)
      refute_match(/spring|gullpoint|pictures|data-(asset|activity|leads|framed|plays)/i, veiled)
      assert_includes veiled, "partly covered"
      assert_match(/spring/i, Page::Drawing.item(item, 1), "the board still shows it")
      assert_empty item.item.redacted.words
      assert_match(/partly covered/, item.item.redacted.aloud)
      page.run({ "verb" => "remove", "ids" => [ "lid" ] })
      assert_nil Page::Drawing.veiled(page.find([ kind ]).fetch(kind), 1)
    end
  end

  def test_a_cover_that_is_off_or_elsewhere_hides_nothing
    assert_empty placed("link_card").item.hidden_by([ placed("cover", x: 900).item ])
  end

  def test_what_was_cropped_away_stays_in_the_house
    whole = placed("picture", picture: 7).item
    assert_same whole, whole.redacted
    cropped = placed("picture", picture: 7, crop: [ 0.25, 0, 0.5, 1 ]).item
    assert_includes cropped.draw, %(href="/pictures/7")
    address = cropped.redacted.draw[/href="([^"]+)"/, 1]
    assert_equal [ 7, [ [ 0, 0, 0.247, 0, 0.247, 1, 0, 1 ], [ 0.753, 0, 1, 0, 1, 1, 0.753, 1 ] ] ], Veil.read(address)
  end
end
