require "core_test"

# Pictures as teachers rework them, and what plays or lives on a page.
class MediaKindsTest < CoreTest
  def test_a_cropped_picture_stays_where_it_was_at_the_size_it_had
    picture = item("picture", x: 100, y: 100, width: 400, height: 200)
    half = picture.change(picture.cropped([ 0.5, 0, 0.5, 1 ]))
    assert_equal [ 300, 100, 200, 200 ], [ half.x, half.y, half.width, half.height ]
    assert_includes half.draw, 'x="-200"'
    assert_includes half.draw, 'width="400"'
    assert_includes half.draw, "clip-path"
    whole = half.change(half.cropped([ 0, 0, 1, 1 ]))
    assert_equal picture.to_h, whole.to_h
  end

  def test_a_turned_picture_is_cropped_about_what_is_seen
    picture = item("picture", x: 100, y: 100, width: 400, height: 200, angle: 90)
    half = picture.change(picture.cropped([ 0, 0, 0.5, 1 ]))
    # Turned by a quarter its left half is the upper one: about (300, 100).
    assert_equal [ 300, 100 ], half.box.centre.map(&:round)
    back = half.change(half.cropped([ 0, 0, 1, 1 ]))
    assert_equal [ 300, 200 ], back.box.centre.map(&:round)
  end

  def test_a_mirrored_picture_is_cropped_where_it_is_seen
    picture = item("picture", x: 0, y: 0, width: 400, height: 200, mirror: "across")
    left = picture.change(picture.cropped([ 0, 0, 0.25, 1 ])) # the left of the picture is seen at the right
    assert_equal [ 300, 100 ], [ left.x, left.width ]
    back = left.change(left.cropped([ 0, 0, 1, 1 ]))
    assert_equal [ 0, 400 ], [ back.x, back.width ]
  end

  def test_what_was_rubbed_out_stays_on_the_spot_when_the_picture_is_cropped
    picture = item("picture", x: 0, y: 0, width: 400, height: 200)
    rubbed = picture.change(picture.rub([ [ 300, 100 ] ], 10))
    cropped = rubbed.change(rubbed.cropped([ 0.5, 0, 0.5, 1 ]))
    assert_includes cropped.draw, 'transform="translate(-200 0) scale(0.05 0.05)"'
    again = cropped.change(cropped.rub([ [ 300, 100 ] ], 10))
    assert_equal rubbed.rubbed.first, again.rubbed.last
  end

  def test_too_little_of_a_picture_is_refused
    [ [ 0, 0, 0.001, 1 ], [ 0.9, 0, 0.5, 1 ], [ 0, 0, 0, 0 ] ].each { |part| assert_invalid(/nothing left/) { item("picture").cropped(part) } }
    memory = Usher::Page::Memory.new
    memory.run(put(item("picture"), item("note")))
    [ { "id" => "note-1", "to" => [ 0, 0, 1, 1 ] }, { "id" => "picture-1", "to" => [ 0, 0, 2, 1 ] }, { "id" => "picture-1", "to" => "left" }, { "id" => "none", "to" => [ 0, 0, 1, 1 ] } ].each do |wrong|
      assert_invalid { memory.run({ "verb" => "crop", **wrong }) }
    end
  end

  def test_frames_and_corners_are_drawn_over_the_picture
    drawn = item("picture", stroke: "#1e6079", stroke_width: 8, round: 24).draw
    assert_match(/<image.*<rect[^>]*rx="24"[^>]*stroke="#1e6079"/, drawn)
    assert_includes item("picture").hints["paints"], "stroke"
    assert_equal true, item("picture", alt: "").hints["undescribed"]
  end

  def test_players_say_what_they_play_and_open_nothing_else
    video = item("video", width: 640, height: 360, from: 5, until: 9, loop: true)
    assert_equal({ "asset" => 6, "plays" => "video", "from" => 5, "until" => 9, "loop" => true, "title" => "The tide comes in", "seconds" => 75 }, video.hints.slice("asset", "plays", "from", "until", "loop", "title", "seconds"))
    assert_includes video.draw, "1:15"
    assert_includes video.draw, "/pictures/7"
    refute_includes item("video", picture: nil).draw, "<image"
    assert_equal "Sound: Fog horn", item("sound").label
    assert_invalid(/plays itself/) { item("sound", link: { "to" => "page", "page" => 1 }) }
    assert_invalid(/end after it begins/) { item("video", from: 9, until: 5) }
  end

  def test_small_players_and_cards_draw_without_their_words
    [ item("sound", width: 60, height: 60), item("video", width: 60, height: 40), item("link_card", width: 50, height: 40), item("framed", width: 30, height: 20) ].each { |small| refute_includes small.draw, "<text" }
  end

  def test_cards_and_framed_pages_take_web_addresses_only
    %w[link_card framed].each do |kind|
      [ "javascript:alert(1)", "data:text/html,x", "file:///etc/passwd", "mailto:a@b.example", "" ].each { |address| assert_invalid { item(kind, address: address) } }
    end
    card = item("link_card", width: 560, height: 150, title: "", about: "Ebb & flow <now>")
    assert_includes card.draw, "gullpoint.example"
    assert_includes card.draw, "Ebb &amp; flow &lt;now&gt;"
    assert_equal "https://gullpoint.example/map", item("framed").hints["framed"]
  end

  def test_what_is_read_aloud
    assert_equal "High tide", item("text").aloud
    assert_equal "A lighthouse", item("picture").aloud
    assert_equal "Star with 5 points", item("star").aloud
    link = Usher::Page::Link.call({ "to" => "speech", "language" => "de", "speed" => 140 })
    assert_equal link, item("text", link: link).link
    assert_invalid { Usher::Page::Link.call({ "to" => "speech", "language" => "xx", "speed" => 140 }) }
  end

  def test_a_paper_knows_where_its_picture_lies
    paper = ->(fit) { Usher::Page::Paper.of({ "paper" => "picture", "measures" => { "picture" => 7, "fit" => fit } }) }
    assert_equal [ 350, 0, 900, 900 ], paper["whole"].place(500, 500, size: Usher::Page::SIZE)
    assert_equal [ 0, -350, 1600, 1600 ], paper["cover"].place(500, 500, size: Usher::Page::SIZE)
  end
end
