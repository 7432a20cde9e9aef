require "test_helper"

# What holds for everything a teacher can put on a page and for every verb of the log, proved through
# the core's registries, so that a new kind or a new verb cannot forget it: it is undone and redone,
# followed live on a device, seen in a take, and there in the PDF.
class EveryKindTest < ActiveSupport::TestCase
  setup do
    @owner = teacher
    @lesson = lesson(@owner)
    @page = @lesson.pages.first
    @sitting = sit(@lesson)
    @picture, @activity = picture_of(@owner), activity(@lesson)
    @asset = @owner.assets.take_in(upload("The tide turns at noon.", "tide.txt"))
  end

  Usher::Items.registry.names.each do |kind|
    test "#{kind}: undone, redone, followed, in a take and in print" do
      follow({ "verb" => "put", "items" => [ sample(kind) ] })
      assert_equal [ kind ], @page.items.reload.pluck(:kind)
      assert_operator ink_on_paper, :>, 0, "#{kind} is not to be seen on paper"
    end
  end

  # On a page with something of everything. A verb that is missing here fails below.
  VERBS = {
    "put" => { "items" => [ { "kind" => "rectangle", "id" => "new", "x" => 5, "y" => 5, "width" => 50, "height" => 40 } ] },
    "change" => { "changes" => [ { "id" => "note", "set" => { "text" => "Ebb", "z" => 30 } } ] },
    "move" => { "ids" => %w[note ink], "by" => [ 40, -8 ] }, "scale" => { "ids" => %w[note star], "about" => [ 0, 0 ], "by" => [ 2, 1.5 ] },
    "rotate" => { "ids" => %w[note], "about" => [ 300, 200 ], "angle" => 30 }, "remove" => { "ids" => %w[note star] }, "reorder" => { "ids" => %w[note], "to" => "front" },
    "restyle" => { "set" => { "paper" => "staves", "colour" => "#fdfaf4", "minutes" => 9 } }, "turn" => {},
    "erase" => { "path" => [ [ 150, 0 ], [ 150, 900 ] ], "radius" => 12 }, "clear" => {}, "rub" => { "id" => "picture", "path" => [ [ 500, 110 ], [ 560, 140 ] ], "radius" => 10 },
    "tidy" => { "ids" => %w[circle] }, "fill" => { "ids" => %w[note star line], "colour" => "#1d7758" }, "bend" => { "ids" => %w[line], "knot" => 1, "to" => [ 900, 40 ] },
    "trace" => { "along" => "ruler", "items" => [ { "kind" => "ink", "id" => "ruled", "points" => [ [ 120, 590, nil, 0 ], [ 400, 584, nil, 300 ] ] } ] },
    "flip" => { "ids" => %w[note line], "axis" => "across" }, "align" => { "ids" => %w[note star], "to" => "left" }, "distribute" => { "ids" => %w[note star ruler], "along" => "across" },
    "place" => { "ids" => %w[note], "set" => { "x" => 7, "angle" => 12 } }, "deal" => { "piles" => %w[pile], "ids" => %w[copy], "by" => [ 200, 30 ] },
    "crop" => { "id" => "picture", "to" => [ 0.1, 0.2, 0.5, 0.6 ] }, "track" => { "ids" => %w[note], "kind" => "path", "path" => "circle" }, "reset" => { "items" => [ { "kind" => "rectangle", "id" => "old", "x" => 5, "y" => 5, "width" => 50, "height" => 40, "z" => 2.5 } ], "gone" => %w[note], "set" => { "colour" => "#fdfaf4" } },
    "cue" => { "put" => { "id" => "c1", "verb" => "lift", "item" => "cover" } }, "roll" => { "ids" => %w[card], "seed" => "00ff00ff00ff00ff" },
    "together" => { "steps" => [ { "verb" => "remove", "ids" => %w[note] }, { "verb" => "move", "ids" => %w[ink], "by" => [ 9, 9 ] } ] }
  }.freeze

  Usher::Page::Operations.registry.names.each do |verb|
    test "the verb #{verb}: undone, redone, followed and in a take" do
      lay(@page, *furniture)
      follow({ "verb" => verb, **VERBS.fetch(verb) })
      assert_operator @page.reload.operations.where(verb: verb).count, :>=, 1
    end
  end

  private

  def sample(kind)
    own = { "ink" => { "points" => [ [ 10, 10, nil, 0 ], [ 90, 40, nil, 30 ] ] }, "text" => { "text" => "High tide" }, "note" => { "text" => "Boots" }, "tile" => { "text" => "2x" }, "callout" => { "text" => "Ahoy" },
      "picture" => { "picture" => @picture.id }, "sound" => { "asset" => @asset.id }, "video" => { "asset" => @asset.id, "picture" => @picture.id },
      "link_card" => { "address" => "https://gullpoint.example/" }, "framed" => { "address" => "https://gullpoint.example/tides" }, "activity" => @activity.card, "polygon" => { "corners" => [ [ 0.5, 0 ], [ 1, 1 ], [ 0, 1 ] ] }, "formula" => { "source" => "1/2" },
      "flash_card" => { "faces" => [ { "text" => "ebb" }, { "text" => "the water goes out", "picture" => @picture.id } ] }, "die" => { "faces" => [ { "text" => "1" }, { "text" => "2" } ] }, "results" => { "poll" => 1, "title" => "Ebb?", "rows" => [ { "label" => "Yes", "count" => 2, "share" => 1 } ] }, "spinner" => { "faces" => [ { "text" => "Ebb" }, { "text" => "Flood" } ] } }
    { "kind" => kind, "id" => kind, **(kind == "ink" ? {} : { "x" => 100, "y" => 100, "width" => 300, "height" => 120 }), **own.fetch(kind, {}) }
  end

  def furniture
    circle = Array.new(60) { |n| [ 700 + 80 * Math.cos(n / 9.4), 500 + 80 * Math.sin(n / 9.4), nil, n * 9 ] }
    wave = Array.new(40) { |n| [ 60 + n * 8, 300 + 20 * Math.sin(n / 4.0), nil, n * 9 ] }
    [ sample("note"), { **sample("star"), "x" => 420 }, { **sample("line"), "y" => 60 }, { **sample("picture"), "x" => 450 }, { **sample("ruler"), "y" => 600, "width" => 500 },
      { "kind" => "tile", "id" => "pile", "text" => "1", "x" => 60, "y" => 800, "width" => 60, "height" => 60, "pile" => { "limit" => 6 } }, { "kind" => "area", "id" => "area", "x" => 40, "y" => 700, "width" => 500, "height" => 190 },
      { **sample("flash_card"), "id" => "card", "x" => 1200 }, { "kind" => "cover", "id" => "cover", "x" => 60, "y" => 60, "width" => 20, "height" => 20 }, { "kind" => "ink", "id" => "ink", "nib" => "lively", "points" => wave }, { "kind" => "ink", "id" => "circle", "points" => circle } ]
  end

  # Does it, takes it back, does it again; a device and a take see the same as the page.
  def follow(operation)
    take = Take.start(@page.showing)
    device, mark = shown, @sitting.device_feed.mark[:n]
    before = state
    @page.perform(operation, id: fresh, by: @owner, during: { take: take, ms: 10 })
    after = state
    assert_not_equal before, after, "it did something" unless operation["verb"] == "turn"
    unless operation["verb"] == "turn"
      @page.undo(by: @owner, id: fresh, during: { take: take, ms: 20 })
      assert_equal before, state, "undone"
      @page.redo(by: @owner, id: fresh, during: { take: take, ms: 30 })
      assert_equal after, state, "redone"
    end
    assert_equal shown, followed(device, mark), "on a device"
    assert_equal in_room, watched(take), "in a take"
  end

  def state = { items: @page.items.reload.to_h { |item| [ item.key, item.data.merge("z" => item.z) ] }, style: @page.reload.style }

  # What a device has on screen: drawings by id, and the ground.
  def shown
    showing = @page.reload.showing(Viewer.device(@sitting))
    [ showing.items.pluck(:key, Item::VEILED).to_h, showing.ground ]
  end

  def followed((items, ground), mark)
    @sitting.device_feed.since(Live::Feed::FROM, mark).map { |frame| JSON.parse(frame)["patch"] }.compact.each do |patch|
      patch["gone"].each { |id| items.delete(id) }
      patch["put"].each { |item| items[item["id"]] = item["svg"] }
      ground = patch["ground"] || ground
    end
    [ items, ground ]
  end

  # The drawings to be seen when the take has ended, back to front, and the ground.
  def watched(take)
    take.update!(length_ms: 2_000)
    take.make
    take.film.at(2_000).values_at("items", "ground")
  end

  # The same as the room sees them now, but for the number of their version.
  def in_room
    showing = @page.reload.showing(Viewer.room(@page.prepared))
    [ showing.drawings, showing.ground ]
  end

  # How many dots of the printed page are not paper.
  def ink_on_paper
    pdf = LessonPrint.new(@lesson.reload).pdf
    png, = Open3.capture2("pdftoppm", "-r", "40", "-png", "-singlefile", "-", stdin_data: pdf, binmode: true)
    picture = Vips::Image.new_from_buffer(png, "")
    ((picture.extract_band(0) < 250) | (picture.extract_band(2) < 250)).ifthenelse(1, 0).then { |dots| (dots.avg * dots.width * dots.height).round }
  end
end
