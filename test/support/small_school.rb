require_relative "../world"
require_relative "media"

# A small school with one of everything that is stored, made by today's code: what bin/small_school keeps
# as a fixture, so that later releases prove that they still read it.
class SmallSchool
  include World

  # Signs that once were no more than letters.
  SIGNS = 'Is "2 *3* 4" a sum, or `1/2`?'.freeze

  # The same furniture in every school: each kind of thing, and things that depend on each other.
  def self.build = new.build

  def build
    @owner = Teacher.create!(name: "Maren Holt", email: "small@gullpoint.example", password: World::PASSWORD)
    @picture, @asset = picture_of(@owner), @owner.assets.take_in(upload("The tide turns at noon.", "tide.txt"))
    @lesson = lesson(@owner, pages: 4)
    @lesson.update!(title: "Tides, kept", notes: "Bring the tide table.")
    @everything, @handled, @taught, @binned = @lesson.pages.to_a
    @activity = activity(@lesson)
    @lesson.activities.create!(title: "Signs", kind: "choose_one", content: { "questions" => [ { "ask" => SIGNS, "right" => [ "_yes_" ], "wrong" => [ "no" ] } ] })
    everything
    handled
    changes
    taught
    took
    copies
    @lesson.bin_pages([ @binned ])
  end

  private

  def perform(page, verb, **rest) = page.perform({ "verb" => verb, **rest.deep_stringify_keys }, id: fresh, by: @owner)

  def box(kind, id, x, y, width = 200, height = 90, **more) = { "kind" => kind, "id" => id, "x" => x, "y" => y, "width" => width, "height" => height, **more.deep_stringify_keys }

  # Every kind of thing, each under its own name.
  def everything
    perform(@everything, "restyle", set: { paper: "squared", measures: { spacing: 10 }, minutes: 9 })
    own = { "ink" => { "points" => stroke }, "text" => { "text" => "High tide" }, "note" => { "text" => "Boots" }, "tile" => { "text" => "2x" }, "callout" => { "text" => "Ahoy" },
      "picture" => { "picture" => @picture.id, "alt" => "A boat" }, "sound" => { "asset" => @asset.id }, "video" => { "asset" => @asset.id, "picture" => @picture.id },
      "link_card" => { "address" => "https://gullpoint.example/" }, "framed" => { "address" => "https://gullpoint.example/tides" }, "activity" => @activity.card,
      "polygon" => { "corners" => [ [ 0.5, 0 ], [ 1, 1 ], [ 0, 1 ] ] }, "formula" => { "source" => "1/2" },
      "flash_card" => { "faces" => [ { "text" => "ebb" }, { "text" => "goes out" } ] }, "die" => { "faces" => [ { "text" => "1" }, { "text" => "2" } ] }, "results" => { "poll" => 1, "title" => "Ebb?", "rows" => [ { "label" => "Yes", "count" => 2, "share" => 1 } ] }, "spinner" => { "faces" => [ { "text" => "Ebb" }, { "text" => "Flood" } ] } }
    items = Usher::Items.registry.names.each_with_index.map do |kind, index|
      next { "kind" => "ink", "id" => "ink", **own["ink"] } if kind == "ink"
      box(kind, kind, 30 + index % 6 * 250, 20 + index / 6 * 170, **own.fetch(kind, {}))
    end
    perform(@everything, "put", items: items)
  end

  def stroke = Array.new(20) { |n| [ 60 + n * 8, 840 + (20 * Math.sin(n / 3.0)).round(1), nil, n * 9 ] }

  # Piles, tracks, covers, areas, groups, links, pins and things that only some see.
  def handled
    perform(@handled, "put", items: [
      box("tile", "pile", 60, 760, 80, 80, text: "5", pile: { limit: 6 }), box("area", "area", 300, 600, 500, 260, title: "Harbour", target: "10"),
      box("line", "course", 100, 100, 600, 200), box("note", "rider", 120, 90, 160, 120, text: "Boat"), box("text", "secret", 900, 120, 400, text: "The answer is noon"),
      box("cover", "cover", 880, 100, 260, 90), box("note", "roomy", 900, 300, 200, 120, text: "Room only", audience: "room"), box("note", "devicy", 1150, 300, 200, 120, text: "Devices only", audience: "devices"),
      box("star", "pinned", 1300, 600, 120, 120, pinned: "all"), box("rectangle", "left-half", 900, 500, 100, 80, groups: %w[pair], link: { to: "page", page: @everything.id }),
      box("ellipse", "right-half", 1010, 500, 100, 80, groups: %w[pair]), box("set_square", "square", 1000, 640, 300)
    ])
    perform(@handled, "track", ids: %w[rider], kind: "path", path: "course")
    perform(@handled, "deal", piles: %w[pile], ids: %w[copy], by: [ 320, -80 ])
    perform(@handled, "deal", piles: %w[pile], ids: %w[old-copy], by: [ 420, -80 ])
  end

  # Steps of several verbs; one taken back, one taken back and made again.
  def changes
    perform(@everything, "move", ids: %w[note], by: [ 8, 4 ])
    perform(@everything, "erase", path: [ [ 120, 780 ], [ 120, 900 ] ], radius: 10)
    perform(@everything, "fill", ids: %w[star], colour: "#1d7758")
    perform(@everything, "reorder", ids: %w[note], to: "front")
    @everything.undo(by: @owner, id: fresh)
    perform(@everything, "rub", id: "picture", path: [ [ 500, 400 ], [ 560, 430 ] ], radius: 10)
    @everything.undo(by: @owner, id: fresh)
    @everything.redo(by: @owner, id: fresh)
    perform(@everything, "remove", ids: %w[ellipse])
  end

  # A class went through it: doors, seats, a poll, attempts; the doors are shut again.
  def taught
    perform(@taught, "put", items: [ box("note", "prepared", 100, 100, text: "As prepared"), box("activity", "card", 500, 200, 700, 400, **@activity.card) ])
    sitting = Sitting.open_doors(@lesson, @taught)
    seats = %w[Juniper Ivo].map { |name| seat(sitting, name) }
    @taught.perform({ "verb" => "put", "items" => [ { "kind" => "ink", "id" => "class-ink", "points" => stroke } ] }, id: fresh, by: @owner, layer: sitting.layer)
    poll = Poll.ask(sitting, "letters", { "count" => 3 })
    seats.zip(%w[A C]) { |one, choice| poll.take_answer(one, choice) }
    poll.close
    attempt = @activity.deal(to: Participant.of(seats.first))
    %w[p1 p2 p3 p4].each { |piece| place(attempt, piece) }
    place(@activity.deal(to: Participant.of(seats.last)), "p1", "g1")
    @activity.deal
    sitting.finish("kept", by: @owner)
  end

  # A take over two pages with a voice, ready to be played.
  def took
    take = Take.start(@everything.showing)
    during = ->(ms) { { take: take, ms: ms } }
    @everything.perform({ "verb" => "put", "items" => [ { "kind" => "ink", "id" => "take-ink", "nib" => "lively", "points" => stroke } ] }, id: fresh, by: @owner, during: during[400])
    @everything.perform({ "verb" => "move", "ids" => %w[tile], "by" => [ 30, 30 ] }, id: fresh, by: @owner, during: during[1100])
    @handled.perform({ "verb" => "turn" }, id: fresh, by: @owner, during: during[1500])
    @handled.perform({ "verb" => "change", "changes" => [ { "id" => "cover", "set" => { "off" => true } } ] }, id: fresh, by: @owner, during: during[1900])
    Dir.mktmpdir do |folder|
      path = File.join(folder, "voice.webm")
      Media.ffmpeg(nil, "sine=440:duration=2", path, "-c:a", "libopus", "-b:a", "12k")
      take.keep_piece(0, File.binread(path))
    end
    take.update!(state: "making", length_ms: 2500, trail: [ [ 200, @everything.id, 400, 300 ], [ 600, @everything.id ] ])
    take.make
  end

  # A clipping, a set in the store room, a link for readers, a page to start from.
  def copies
    @owner.clippings.clip(@handled.showing, %w[pile copy rider course], key: "small-clipping")
    @owner.assets.keep_set(@handled.showing, %w[left-half right-half], name: "A pair")
    @lesson.shares.create!
    Lesson.keep_page(@everything, title: "Everything")
  end
end
