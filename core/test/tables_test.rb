require "core_test"

class TablesTest < CoreTest
  Tables = Usher::Tables

  def test_reads_cells_between_tabs_and_nothing_that_only_looks_like_a_table
    assert_equal [ [ "Boat", "Price" ], [ "Skiff", "" ] ], Tables.read("Boat\tPrice\r\nSkiff\t\r\n")
    assert_nil Tables.read("one line of words")
    assert_nil Tables.read("a\tb\nonly one")
    assert_nil Tables.read("")
    assert_nil Tables.read(nil)
  end

  def test_cells_touch_in_columns_as_wide_as_their_longest_and_rows_as_high_as_their_tallest
    tiles = Tables.lay([ %w[Boat Price], [ "Skiff with a sail", "2.50 €" ] ]).map { |tile| Usher::Items.build(tile.merge("id" => "t")) }
    assert_equal [ "Boat", "Price", "Skiff with a sail", "2.50 €" ], tiles.map(&:text)
    assert_equal [ true, true, false, false ], tiles.map(&:bold)
    first, second, third, = tiles
    assert_equal first.width, third.width
    assert_equal first.x + first.width - 3, second.x
    assert_equal first.y + first.height - 3, third.y
    assert_operator first.width, :>, second.width
    assert(tiles.all? { |tile| tile.lines.size == 1 })
  end

  def test_a_wide_table_gets_smaller_letters_and_still_fits_the_page
    rows = Array.new(3) { Array.new(12) { |n| "column number #{n}" } }
    tiles = Tables.lay(rows)
    assert_operator tiles.map { |tile| tile["x"] + tile["width"] }.max, :<=, 1_600
    assert_equal [ 16 ], tiles.map { |tile| tile["size"] }.uniq
    tiles.each { |tile| assert_operator Usher::Items.build(tile.merge("id" => "t")).height, :<=, tile["height"] + 0.5 }
  end

  def test_ragged_rows_are_filled_and_too_much_is_refused
    assert_equal 6, Tables.lay([ %w[a b c], %w[d] ]).size
    assert_invalid(/nothing in it/) { Tables.lay([ [] ]) }
    assert_invalid(/31 rows/) { Tables.lay(Array.new(31) { %w[a b] }) }
    assert_invalid(/13 columns/) { Tables.lay([ Array.new(13, "a") ]) }
    assert_invalid { Tables.lay([ [ "x" * 501, "y" ] ]) }
  end

  def test_reads_the_first_table_of_html_as_plain_text
    html = "<p>Prices</p><table><thead><tr><th>Boat</th><th>Price</th></tr></thead><tr><td><b>Skiff</b><script>alert(1)</script></td><td> 2.50\n € </td></tr></table><table><tr><td>later</td></tr></table>"
    assert_equal [ %w[Boat Price], [ "Skiff", "2.50 €" ] ], table(html)
    assert_nil table("<p>no table</p>")
    assert_nil table("<table><tr><td>alone</td></tr></table>")
    assert_invalid { table("<table>#{'x' * 600_000}") }
    assert_equal [ %w[a b] ], table("<table><tr><td>a<td>b"), "what is left open is closed"
  end

  private

  def table(html) = Usher::Formats::Html::Table.read(html)
end
