require "core_test"

class TilesTest < CoreTest
  def lay(text, layout = "row") = Usher::Tiles.lay(text, layout: layout)
  def words(text) = lay(text).map { |tile| tile["text"] }

  def test_a_list_is_read_however_it_is_separated
    [ "2x, 3y, 5", "2x\n3y\n5", "2x\t3y\t5", " 2x ,3y,,5, " ].each { |list| assert_equal %w[2x 3y 5], words(list) }
    assert_equal [ "2,5", "3,5" ], words("2,5; 3,5")
  end

  def test_groups_have_colours_of_their_own_and_begin_anew
    tiles = lay("ebb, flood\n\nspring, neap")
    assert_equal 2, tiles.map { |tile| tile["card"] }.uniq.size
    assert_operator tiles[2]["y"], :>, tiles[1]["y"]
    assert_equal tiles[0]["x"], tiles[2]["x"]
  end

  def test_tiles_lie_on_the_page_and_not_over_each_other
    [ [ (1..60).to_a.join(","), "row" ], [ (1..60).to_a.join(","), "grid" ], [ "lighthouse, causeway, harbour wall, gull", "grid" ], [ "a", "grid" ] ].each do |list, way|
      boxes = lay(list, way).map { |tile| Usher::Geometry::Box.new(*tile.values_at("x", "y", "width", "height"), 0) }
      boxes.each { |box| assert box.x >= 0 && box.x + box.width <= 1600 && box.y + box.height <= 900 }
      boxes.combination(2) { |a, b| refute a.meets?(b) }
      assert(lay(list, way).each_with_index.all? { |tile, index| Usher::Items.build(tile.merge("id" => "t#{index}")).height == tile["height"] }, "the words fit")
    end
  end

  def test_lists_that_cannot_be_tiles_are_refused_in_words
    assert_invalid(/commas/) { lay(" , ") }
    assert_invalid(/At most/) { lay((1..200).to_a.join(",")) }
    assert_invalid(/80 characters/) { lay("a" * 81) }
    assert_invalid { lay("a", "spiral") }
    assert_invalid { lay(nil) }
    assert_invalid(/do not fit/) { lay(Array.new(110) { "harbour master’s office and the old lifeboat station" }.join(",")) }
  end
end
