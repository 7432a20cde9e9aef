# Activities of the demo school, on pages of their own behind each lesson: one of every kind, and a sheet of some of them;
# their questions lie in the question bank.
module Demo; end

module Demo::Exercises
  MINUTES = 6

  module_function

  def load(teacher)
    lessons = teacher.lessons.kept.index_by(&:title)
    PAGES.each { |title, exercises| exercises.each { |exercise| page(lessons.fetch(title), teacher, *exercise) } }
    fill_bank(teacher)
    sheet(lessons.fetch("Tides at Gull Point"), teacher)
  end

  # What can be asked again, by subject and tag.
  def fill_bank(teacher)
    TAGS.each { |title, tags| Activity.find_by!(lesson: teacher.lessons, title: title).then { |activity| teacher.bank_questions.take_in(activity, subject: activity.lesson.subject, tags: tags) } }
  end

  # Three parts under one title, with one score.
  def sheet(lesson, teacher)
    parts = [ "True at Gull Point?", "May we cross?", "What the harbour says" ].map { |title| lesson.activities.find_by!(title: title).then { |part| { "title" => title, "kind" => part.kind, "content" => part.content } } }
    page(lesson, teacher, "sheet", "Before the trip", "All that one must know before the causeway, with one score.", { "way" => "turn", "parts" => parts }, { "marked" => "parts" })
  end

  # A page with a heading, a line of what it is for, and the activity.
  def page(lesson, teacher, kind, title, words, content, rules = {})
    page = lesson.add_page
    page.perform({ "verb" => "restyle", "set" => { "minutes" => MINUTES, "paper" => "plain" } }, id: SecureRandom.alphanumeric(20), by: teacher)
    activity = lesson.activities.create!(title: title, kind: kind, content: pictured(content, teacher), rules: rules)
    Demo::Sketch.fill(page, by: teacher) do
      text words, 120, 50, 1360, size: 40
      card activity, 120, 150, 1360, 700
    end
  end

  # A picture is named as the picture search has it.
  def pictured(content, teacher)
    found = content["picture"] && Outside.picture_search.fetch(content["picture"]) or return content
    content.merge("picture" => { "picture" => Picture.take_in_bytes(found.bytes, teacher: teacher, name: found.title, origin: "search:#{found.id}").id, "alt" => found.title })
  end

  def questions(*rows) = { "questions" => rows.map { |ask, right, *wrong| { "ask" => ask, "right" => Array(right), "wrong" => wrong } } }

  TAGS = { "True at Gull Point?" => "tides, causeway", "May we cross?" => "tides, causeway, safety", "How long is the rope?" => "ropes, lengths", "Equal to one half" => "fractions" }.freeze

  PAGES = {
    "Tides at Gull Point" => [
      [ "match", "What the harbour says", "Words of the tide and what they mean.",
        { "rows" => [ [ "ebb", "the water goes out" ], [ "flood", "the water comes in" ], [ "slack water", "the water stands still" ], [ "spring tide", "the highest high and the lowest low" ], [ "neap tide", "the smallest difference" ] ] } ],
      [ "timeline", "A day at the causeway", "Bring the day into its order. The line shows how far apart things are.",
        { "scale" => "true", "events" => [ [ "First low water", "00:15" ], [ "High water", "06:10" ], [ "The school crosses", "11:50" ], [ "Second low water", "12:25" ], [ "The lamp is lit", "17:40" ], [ "High water again", "18:35" ] ].map { |face, from| { "face" => face, "from" => from } } } ],
      [ "true_false", "True at Gull Point?", "Some of this is only what people say.",
        { "sentences" => [ [ "High water comes about twice a day.", true ], [ "The causeway is dry above two metres.", false ], [ "Each day high water is a little later.", true ], [ "The wind makes the tides.", false ], [ "At slack water the sea hardly moves.", true ] ].map { |ask, right| { "ask" => ask, "true" => right } } }, { "marked" => "parts" } ],
      [ "choose_one", "May we cross?", "Think of the graph: the causeway is dry below two metres.",
        questions([ "It is 11:30 and the water stands at 1.4 m, falling. What do you do?", "Cross now and be back before half past one", "Wait for high water", "Swim" ],
          [ "Low water is at 12:25. When is the next one, about?", "Soon after midnight", "At noon tomorrow", "In three hours" ], [ "What moves the tides most?", "The moon", "The wind", "The lighthouse" ]) ],
      [ "find", "Where is it?", "Find each thing on the map of the bay.",
        { "picture" => "bay-map", "things" => [ { "ask" => "The island", "area" => { "shape" => "ellipse", "points" => [ [ 0.55, 0.625 ], [ 0.783, 0.825 ] ] } }, { "ask" => "The lighthouse", "area" => { "shape" => "rectangle", "points" => [ [ 0.635, 0.66 ], [ 0.7, 0.75 ] ] } },
          { "ask" => "The causeway", "area" => { "shape" => "outline", "points" => [ [ 0.53, 0.45 ], [ 0.57, 0.42 ], [ 0.68, 0.64 ], [ 0.63, 0.67 ] ] } }, { "ask" => "The arrow to the north", "area" => { "shape" => "rectangle", "points" => [ [ 0.82, 0.8 ], [ 0.915, 0.97 ] ] } } ] }, { "marked" => "move", "tries" => 2 } ],
      [ "crossword", "Harbour words", "Each word crosses another.",
        { "words" => { "harbour" => "Where boats are safe", "tide" => "It comes in twice a day", "anchor" => "It holds a boat where it is", "lighthouse" => "It shines at night", "rope" => "It is coiled on deck", "buoy" => "It floats and marks the way",
                       "sail" => "The wind fills it", "keel" => "Under the boat, from end to end", "stern" => "The back of a boat", "mast" => "It stands up on deck", "pier" => "A walk out over the water", "gull" => "It wants your sandwich" }.map { |word, clue| { "word" => word, "clue" => clue } } }, { "hints" => "cost" } ]
    ],
    "Keeper’s diary: past tense" => [
      [ "gaps", "Tuesday at the lighthouse", "Write each verb in the past.",
        { "how" => "typed", "slip" => false, "text" => [ "The wind ", { "right" => [ "blew" ] }, " (blow) all night. I ", { "right" => %w[lit lighted] }, " (light) the lamp at six and ", { "right" => [ "wound" ] }, " (wind) the clock.\nAt nine a boat ", { "right" => [ "came" ] }, " (come) in, and the crew ", { "right" => [ "drank" ] }, " (drink) all my tea." ] }, { "marked" => "parts" } ],
      [ "order", "What the keeper wrote", "Put the words in order. There may be more than one way.",
        { "of" => "words", "lines" => [ { "right" => [ "At nine a boat came in", "A boat came in at nine" ] }, { "right" => [ "I lit the lamp before the storm", "Before the storm I lit the lamp" ] } ] }, { "marked" => "parts" } ],
      [ "split", "Where does it break?", "Cut the words into syllables.", { "words" => %w[light-house har-bour keep-er lan-tern yes-ter-day] }, { "marked" => "parts" } ],
      [ "cards", "Now and then", "Say the past of each verb, then turn the card over.",
        { "cards" => [ %w[blow blew], %w[light lit], %w[wind wound], %w[drink drank], %w[come came], %w[see saw], %w[write wrote] ] } ],
      [ "word_search", "Hidden verbs", "Seven verbs in the past are hidden here.", { "directions" => "three", "words" => %w[blew wound drank came wrote heard slept], "avoid" => [] } ]
    ],
    "Ropes, knots and fractions" => [
      [ "number", "How long is the rope?", "Write the number and its unit.",
        { "unit" => "asked", "questions" => [ [ "A rope of 12 m loses one sixth in a knot. How much is left?", "10 m" ], [ "Half of 5 m?", "2.5 m" ], [ "Three pieces of 75 cm, end to end?", "2.25 m" ] ].map { |ask, right| { "ask" => ask, "right" => right } } } ],
      [ "choose_all", "Equal to one half", "Any number of them may be right.", questions([ "Which are *equal to* one half?", [ "`2/4`", "0.5", "`6/12`" ], "`2/5`", "`5/8`" ], [ "Which are *more than* three quarters?", [ "`7/8`", "0.8" ], "`6/8`", "`2/3`" ]), { "marked" => "parts" } ],
      [ "circles", "Even, or a third of it", "Bring each number to its circle, or to where they overlap.",
        { "circles" => [ "Even", "Divided by three" ], "things" => { "8" => [ 0 ], "9" => [ 1 ], "12" => [ 0, 1 ], "15" => [ 1 ], "20" => [ 0 ], "30" => [ 0, 1 ], "7" => [], "11" => [] }.map { |face, home| { "face" => face, "in" => home } } } ],
      [ "label", "Parts of a boat", "A rope is made fast somewhere: know the places.",
        { "picture" => "sailing-boat", "how" => "dragged", "more" => [ "anchor" ], "labels" => { "mast" => [ 0.502, 0.13 ], "foresail" => [ 0.44, 0.5 ], "mainsail" => [ 0.6, 0.5 ], "bow" => [ 0.31, 0.7 ], "stern" => [ 0.72, 0.7 ], "hull" => [ 0.5, 0.76 ] }.map { |face, at| { "face" => face, "at" => at } } } ],
      [ "memory", "Pairs of knots", "Two cards belong together when they are as much.", { "teams" => "2", "pairs" => [ %w[`1/2` 0.5], %w[`1/4` 0.25], %w[`3/4` 0.75], %w[`1/5` 0.2], %w[`1/10` 0.1], %w[`2/5` 0.4] ] } ],
      [ "count", "Into the crate", "Put as many into the crate as the harbour master asks for.",
        { "boxes" => [ { "ask" => "Seven floats, please.", "count" => 7, "thing" => "◍" }, { "ask" => "Half a dozen hooks.", "count" => 6, "thing" => "⚓" } ] } ],
      [ "tick", "What holds?", "A wall of things.", { "questions" => [ { "ask" => "Which of these belong to a rope?", "right" => %w[knot splice coil strand bight], "wrong" => %w[oar lamp gull tide] } ] }, { "marked" => "parts" } ]
    ]
  }.freeze
end
