require "core_test"
require "open3"

# What was rubbed out of a picture.
class VeilGridTest < CoreTest
  Veil = Usher::Veil
  SWEEP = { "points" => [ [ 20, 50 ], [ 180, 50 ] ], "stroke_width" => 40, "span" => [ 200, 100 ] }.freeze

  def test_cells_wholly_within_a_sweep_are_blank_and_no_others
    runs = Veil::Grid.runs(Veil::Grid.of([ SWEEP ]))
    cells = runs.flat_map { |row, from, to| (from...to).map { |column| [ row, column ] } }
    inside = (0...128).to_a.product((0...128).to_a).select do |row, column|
      [ 0, 1 ].product([ 0, 1 ]).all? { |down, right| Veil::Grid.near?([ (column + right) * 200 / 128.0, (row + down) * 100 / 128.0 ], [ 20, 50 ], [ 180, 50 ], 20) }
    end
    assert_equal inside.sort, cells.sort
    assert_operator cells.size, :>, 4_000
  end

  def test_a_dot_and_sweeps_side_by_side
    dot = Veil::Grid.runs(Veil::Grid.of([ SWEEP.merge("points" => [ [ 100, 50 ] ]) ]))
    assert_includes dot.map(&:first), 64
    halves = [ 45, 55 ].map { |y| SWEEP.merge("points" => [ [ 20, y ], [ 180, y ] ], "stroke_width" => 12) }
    assert_equal (0...128).select { |row| row.between?(50, 77) }, Veil::Grid.runs(Veil::Grid.of(halves)).map(&:first).uniq, "no seam between them"
    assert_nil Veil::Grid.of([ SWEEP.merge("stroke_width" => 0.5) ])
  end

  def test_an_address_reads_back_and_nonsense_is_none
    grid = Veil::Grid.of([ SWEEP ])
    parts = [ [ 0, 0, 1, 0, 1, 1, 0, 1 ], grid ]
    assert_equal [ 7, parts ], Veil.read(Veil.address(7, parts))
    assert_operator grid.length, :<, 400
    bomb = "g#{[ Zlib.deflate("0" * 9_000_000) ].pack('m0').tr('+/', '-_').delete('=')}"
    [ "g", "gg", "g!", grid[0, 60], bomb, bomb[0, 3_000], "g#{'A' * 5_000}" ].each { |part| assert_nil Veil.read("/pictures/7/under/#{part}"), part[0, 20] }
  end

  def test_devices_get_the_picture_without_it_however_it_is_cropped_and_mirrored
    { {} => true, { mirror: "both", crop: [ 0.25, 0, 0.5, 1 ] } => true }.each_key do |look|
      picture = item("picture", id: "map", x: 0, y: 0, width: 200, height: 100, **look)
      rubbed = picture.change(picture.rub([ [ 60, 50 ], [ 140, 50 ] ], 20))
      placed = Usher::Page::Placed.new(rubbed, 1)
      assert_match(%r{/pictures/\d+/under/[^"]*g[\w-]+"}, Usher::Page::Drawing.veiled(placed, 1))
      assert_match(%r{/pictures/\d+"}, Usher::Page::Drawing.item(placed, 1))
    end
  end

  def test_what_is_drawn_is_white_where_it_was_rubbed_out
    red = "data:image/svg+xml;base64,#{[ %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 2 1" width="2" height="1"><rect width="2" height="1" fill="#ff0000"/></svg>) ].pack('m0')}"
    png = Usher::Formats::Png::Writer.write(Veil.draw(red, 200, 100, [ Veil::Grid.of([ SWEEP ]) ]), width: 200)
    dots, = Open3.capture2("ffmpeg", "-loglevel", "error", "-i", "pipe:0", "-f", "rawvideo", "-pix_fmt", "rgb24", "pipe:1", stdin_data: png, binmode: true)
    middle, corner = [ [ 100, 50 ], [ 2, 2 ] ].map { |x, y| dots.byteslice((y * 200 + x) * 3, 3).bytes }
    assert_equal [ [ 255, 255, 255 ], [ 255, 0, 0 ] ], [ middle, corner ]
  end
end
