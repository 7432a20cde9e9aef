require "core_test"

class TakeFilmTest < CoreTest
  # A film held in memory, as the app holds one in its database.
  class Kept
    attr_reader :chunks

    def initialize(cutter, cels) = (@chunks, @cels = cutter.chunks, cels)
    def chunk(ms) = chunks.reverse.find { |chunk| chunk["from"] <= ms } || chunks.first
    def cels(numbers) = @cels.slice(*numbers)
  end

  def setup
    @cels = {}
  end

  def cel(svg, ink: nil) = @cels.size.then { |number| @cels[number] = { "svg" => svg, "ink" => ink }; number }

  def entry(id, z = 1, lasts: 0)
    ink = { "colour" => "#231a1e", "stroke_width" => 6, "nib" => "even", "opacity" => 1, "points" => [ [ 10, 10, nil, 0 ], [ 60, 10, nil, lasts / 2 ], [ 110, 10, nil, lasts ] ] } if lasts.positive?
    [ id, z, cel("<#{id}/>", ink: ink), lasts ]
  end

  def patch(at, put: [], gone: [], page: 1, **more) = { "at" => at, "kind" => "patch", "page" => page, "put" => put, "gone" => gone, **more.transform_keys(&:to_s) }
  def turn(at, page, *stack) = { "at" => at, "kind" => "turn", "page" => page, "size" => [ 1600, 900 ], "ground" => "<ground#{page}/>", "stack" => stack }

  def cut(*events, stack: [], length: 60_000, trail: [])
    opening = { "page" => 1, "size" => [ 1600, 900 ], "ground" => "<ground1/>", "stack" => stack.map { |one| one.first(3) }, "wet" => [], "shown" => {} }
    Usher::Takes::Film::Cutter.new(opening: opening, events: events, length: length, trail: trail)
  end

  def film(...) = Usher::Takes::Film.new(Kept.new(cut(...), @cels))

  def test_it_shows_what_lay_there_and_what_came_and_went_back_to_front
    film = film(patch(1_000, put: [ entry("b", 2) ]), patch(20_000, gone: [ "a" ]), patch(20_000, put: [ entry("c", 1) ]), stack: [ entry("a", 3) ])
    assert_equal [ "<a/>" ], film.at(999)["items"]
    assert_equal [ "<b/>", "<a/>" ], film.at(1_000)["items"]
    assert_equal [ "<b/>", "<a/>" ], film.at(19_999)["items"]
    assert_equal [ "<c/>", "<b/>" ], film.at(20_000)["items"]
  end

  def test_what_happens_at_once_when_it_begins_is_there_from_the_beginning
    film = film(patch(0, put: [ entry("b", 2) ]), patch(30_000, put: [ entry("c", 3) ]), stack: [ entry("a", 1) ])
    assert_equal [ "<a/>", "<b/>" ], film.at(0)["items"]
    assert_equal [ "<a/>", "<b/>", "<c/>" ], film.at(30_000)["items"]
  end

  def test_a_stroke_grows_while_it_is_written_and_then_is_its_drawing
    film = film(patch(14_000, put: [ entry("s", lasts: 3_000) ]))
    assert_empty film.at(13_999)["items"]
    first, half = [ 14_000, 15_600 ].map { |ms| film.at(ms)["items"].sole }
    assert_includes first, %(id="item-s")
    assert_operator half.length, :>, first.length
    assert_equal [ "<s/>" ], film.at(17_000)["items"]
  end

  def test_what_is_taken_away_while_it_is_written_does_not_come_back
    film = film(patch(1_000, put: [ entry("s", lasts: 3_000) ]), patch(2_000, gone: [ "s" ]))
    assert_empty film.at(2_000)["items"] + film.at(9_000)["items"]
  end

  def test_a_turn_shows_the_other_page_as_it_had_become
    film = film(patch(500, put: [ entry("elsewhere") ], page: 2), turn(1_000, 2, entry("there")), patch(1_500, put: [ entry("left") ]), turn(30_000, 1, entry("a"), entry("left")))
    assert_equal [ 2, "<ground2/>", [ "<there/>" ] ], film.at(1_600).values_at("page", "ground", "items")
    assert_equal [ 1, [ "<a/>", "<left/>" ] ], film.at(31_000).values_at("page", "items")
  end

  def test_the_ground_changes_with_its_page_only
    film = film(patch(100, ground: "<new/>"), patch(200, page: 2, ground: "<other/>"))
    assert_equal "<new/>", film.at(300)["ground"]
  end

  def test_what_else_there_is_to_see_is_shown_until_it_is_over
    film = film({ "at" => 10, "kind" => "poll", "data" => { "letters" => 3 } }, { "at" => 40, "kind" => "poll", "data" => {} }, { "at" => 20, "kind" => "light", "data" => { "at" => [ 5, 5 ] } })
    assert_equal({ "poll" => { "letters" => 3 }, "light" => { "at" => [ 5, 5 ] } }, film.at(30)["shown"])
    assert_equal [ "light" ], film.at(50_000)["shown"].keys
  end

  def test_the_pointer_is_where_it_was_last_for_a_while_on_its_page
    film = film(turn(40_000, 2), trail: [ [ 14_000, 1, 30, 40 ], [ 16_000, 1, 50, 60 ], [ 30_000, 1 ], [ 39_900, 1, 7, 7 ] ])
    assert_equal [ nil, [ 30, 40 ], [ 50, 60 ], nil, nil, nil ], [ 0, 15_000, 16_500, 20_001, 30_001, 40_001 ].map { |ms| film.at(ms)["pointer"] }
  end

  def test_what_a_player_goes_on_with
    stroke = entry("s", lasts: 4_000)
    film = film(patch(1_000, put: [ stroke ]), patch(3_000, put: [ entry("b", 2) ]), turn(4_000, 2, entry("there")), stack: [ entry("a") ])
    start = film.from(2_000)
    assert_equal [ 2_000, 15_000, [ "a" ] ], [ start["from"], start["until"], start["items"].map { |item| item["id"] } ]
    assert_equal [ "s", 1_000, 3 ], start["wet"].sole.then { |wet| [ wet["id"], wet["began"], wet["ink"]["points"].size ] }
    assert_equal [ [ 3_000, "patch" ], [ 4_000, "turn" ] ], start["events"].map { |event| event.values_at("at", "kind") }
    refute start["events"].last.key?("put"), "a turn puts nothing by itself"
    assert_equal [ "<b/>", "<there/>" ], [ start["events"].first["put"].sole["svg"], start["events"].last["stack"].sole["svg"] ]
  end

  def test_what_happened_at_this_moment_is_in_the_picture_and_not_to_come
    film = film(patch(1_000, put: [ entry("b", 2) ]), patch(2_000, put: [ entry("b", 5) ], gone: [ "a" ]), patch(2_000, put: [ entry("c", 1) ]), stack: [ entry("a") ])
    start = film.from(2_000)
    assert_equal [ %w[c b], [] ], [ start["items"].map { |item| item["id"] }, start["events"] ]
  end

  def test_chunks_follow_each_other_without_a_gap_also_where_much_happens
    events = Array.new(700) { |n| patch(n * 3, put: [ entry("i#{n}") ]) }
    chunks = cut(*events, length: 40_000).chunks
    assert_equal [ 0, *chunks[0...-1].map { |chunk| chunk["until"] } ], chunks.map { |chunk| chunk["from"] }
    assert_equal 40_000, chunks.last["until"]
    assert_equal 700, chunks.sum { |chunk| chunk["events"].size } + chunks.first["state"]["stack"].size
    assert chunks.all? { |chunk| chunk["events"].size <= Usher::Takes::Film::Cutter::MOST + 1 }
  end

  def test_any_moment_equals_playing_from_the_beginning
    random = Random.new(7)
    events = Array.new(300) do |n|
      at = random.rand(120_000)
      next turn(at, random.rand(1..3), *Array.new(random.rand(4)) { |k| entry("t#{n}-#{k}", k) }) if n % 17 == 0
      patch(at, page: random.rand(1..3), put: [ entry("i#{random.rand(40)}", random.rand(9), lasts: random.rand(3) * 900) ], gone: [ "i#{random.rand(40)}" ])
    end
    cutter = cut(*events, length: 120_000)
    film, whole = Usher::Takes::Film.new(Kept.new(cutter, @cels)), Usher::Takes::Film.new(One.new(cutter, @cels))
    200.times { |n| (n * 601).then { |ms| assert_equal whole.at(ms), film.at(ms), "at #{ms}" } }
  end

  # The same in one chunk: played from the beginning.
  class One < Kept
    def chunk(_ms) = @one ||= chunks.first.merge("events" => chunks.flat_map { |chunk| chunk["events"] }, "until" => chunks.last["until"])
  end

  def test_a_take_is_at_least_as_long_as_its_last_event_and_knows_its_chapters
    cutter = cut(turn(9_000, 2), length: 5_000)
    assert_equal [ 9_000, [ { "at" => 0, "page" => 1 }, { "at" => 9_000, "page" => 2 } ] ], [ cutter.length, cutter.chapters ]
    assert_equal 9_000, cutter.chunks.last["until"]
  end

  def test_a_still_is_a_document_whose_pictures_can_be_put_in
    @cels.clear
    film = film(stack: [ [ "p", 1, cel(%(<image href="/pictures/7"/>)) ] ])
    assert_includes film.document(0) { |address| "data:#{address}" }, %(<image href="data:/pictures/7"/>)
  end

  def test_a_reel_of_an_earlier_release_becomes_the_same_film
    ink = { "colour" => "#231a1e", "stroke_width" => 6, "nib" => "even", "opacity" => 1, "points" => [ [ 0, 0, nil, 0 ], [ 9, 9, nil, 500 ] ] }
    reel = { "length" => 4_000, "opening" => 1, "pages" => { "1" => { "ground" => "<g1/>", "items" => [ { "id" => "a", "z" => 1, "svg" => "<a/>" } ] }, "2" => { "size" => [ 900, 1600 ], "ground" => "<g2/>", "items" => [] } },
      "events" => [ { "at" => 100, "page" => 1, "put" => [ { "id" => "s", "z" => 2, "svg" => "<s/>", "ink" => ink } ], "gone" => [] }, { "at" => 200, "page" => 2, "put" => [ { "id" => "b", "z" => 1, "svg" => "<b/>" } ], "gone" => [] },
        { "at" => 1_000, "page" => 2, "put" => [], "gone" => [], "turn" => true }, { "at" => 2_000, "page" => 2, "put" => [], "gone" => [ "b" ] }, { "at" => 3_000, "page" => 1, "put" => [], "gone" => [], "turn" => true } ],
      "trail" => [ { "at" => 50, "page" => 1, "x" => 4, "y" => 5 }, { "at" => 60, "page" => 1 } ] }
    old = Usher::Takes::Reel.new(reel) { |_page, item| cel(item["svg"], ink: item["ink"]) }
    film = Usher::Takes::Film.new(Kept.new(old.cutter, @cels))
    assert_equal [ [ "<a/>" ], [ "<b/>" ], [], [ "<a/>", "<s/>" ] ], [ 99, 1_000, 2_000, 3_000 ].map { |ms| film.at(ms)["items"] }
    assert_equal [ [ 4, 5 ], nil, [ 1600, 900 ], [ 900, 1600 ] ], [ film.at(55)["pointer"], film.at(65)["pointer"], film.at(0)["size"], film.at(1_500)["size"] ]
  end

  def test_the_pointer_goes_along_its_path_in_time
    trail = Usher::Takes::Trail.read([ [ 900, 1 ], [ 200, 1, 30.4, 40 ], [ 500, 1, 35, 44 ] ])
    assert_equal [ [ 200, 1, 30, 40 ], [ 500, 1, 35, 44 ], [ 900, 1 ] ], trail
    [ nil, 5, [ 1 ], [ [ 1 ] ], [ [ -1, 1 ] ], [ [ 1, 1, "x", 2 ] ], [ [ 1, 1, 9e9, 2 ] ], [ [ 1, 1 ] ] * 40_001 ].each do |bad|
      assert_invalid(/pointer/) { Usher::Takes::Trail.read(bad) }
    end
  end
end
class Array
  def sole = size == 1 ? first : raise("not one but #{size}")
end unless [].respond_to?(:sole)
