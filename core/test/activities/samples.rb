require "usher"

# A small content for each kind, and moves that answer it rightly or wrongly, whatever the way of answering.
module Samples
  CONTENT = {
    "sort" => [ { "groups" => [ { "name" => "Safe", "tiles" => %w[11:30 12:40 00:15] }, { "name" => "Wait", "tiles" => [ "05:45", "18:10", { "picture" => 7, "alt" => "High water" } ] } ] } ],
    "order" => [
      { "of" => "words", "lines" => [ { "right" => [ "The tide comes in twice a day", "Twice a day the tide comes in" ] }, { "ask" => "Say hello", "right" => [ "the boat and the rope" ] } ] },
      { "of" => "letters", "lines" => [ { "ask" => { "picture" => 7 }, "right" => [ "anchor" ] }, { "right" => [ "buoy" ] } ] },
      { "of" => "things", "lines" => [ { "ask" => "From low to high", "pieces" => [ "ebb", { "sound" => 4 }, "flood", "high water" ] } ] }
    ],
    "gaps" => %w[typed dragged chosen].map do |how|
      { "how" => how, "more" => [ "anchor" ], "text" => [ "The ", { "right" => %w[tide flood], "wrong" => %w[wind] }, " comes in ", { "right" => [ "twice" ] }, " a day.\nAt ", { "right" => [ "ebb" ], "wrong" => [ "night" ] }, " it goes." ] }
    end,
    "match" => [ { "rows" => [ %w[ebb goes flood], %w[flow comes], [ { "picture" => 7, "alt" => "A buoy" }, { "sound" => 4 } ] ] } ],
    "memory" => %w[1 2].map { |teams| { "teams" => teams, "pairs" => [ %w[ebb ebb], [ "anchor", { "picture" => 3 } ], %w[port left] ] } },
    "cards" => [ { "cards" => [ [ "ebb", "the tide goes" ], [ "flow", "the tide comes" ], [ { "picture" => 3 }, "a buoy" ] ] } ],
    "choose_one" => [ { "questions" => [ { "ask" => "How often a day is it high water?", "right" => [ "twice" ], "wrong" => %w[once never] }, { "ask" => { "sound" => 3 }, "right" => [ "a fog horn" ], "wrong" => [ { "picture" => 2 }, "a bell" ] } ] } ],
    "choose_all" => [ { "questions" => [ { "ask" => "Which float?", "right" => %w[cork buoy], "wrong" => %w[anchor stone] }, { "ask" => "Which sink?", "right" => %w[anchor], "wrong" => %w[cork] } ] } ],
    "true_false" => [ { "sentences" => [ { "ask" => "At ebb the water falls.", "true" => true }, { "ask" => "Ropes sink.", "true" => false }, { "ask" => { "picture" => 4 }, "true" => true } ] } ],
    "number" => [ { "unit" => "free", "questions" => [ { "ask" => "Half of 5 m?", "right" => "2.5 m", "within" => "0.1" }, { "ask" => "3/4 of 8?", "right" => "6" } ] } ],
    "split" => [ { "words" => %w[har-bour light-house tide-ta-ble] } ],
    "count" => [ { "boxes" => [ { "ask" => "Four buoys", "count" => 4, "thing" => "◍" }, { "ask" => "Two ropes", "count" => 2, "thing" => { "picture" => 5 } } ] } ],
    "tick" => [ { "questions" => [ { "ask" => "What floats?", "right" => [ "cork", "buoy", { "picture" => 3 } ], "wrong" => %w[stone anchor] } ] } ],
    "timeline" => [ { "scale" => "even", "events" => [ { "face" => "the first pier", "from" => "300 BCE" }, { "face" => "the lighthouse", "from" => "12 May 1820", "until" => "1823" }, { "face" => "the new mole", "from" => "1066" } ] },
                    { "scale" => "true", "events" => [ { "face" => "low water", "from" => "06:20" }, { "face" => "high water", "from" => "12:30" }, { "face" => "low again", "from" => "18:45" }, { "face" => "at the same time", "from" => "18:45" } ] } ],
    "crossword" => [ { "words" => %w[harbour tide anchor rope stern].map { |word| { "word" => word, "clue" => "Clue: #{word.length}" } } } ],
    "word_search" => [ { "directions" => "two", "words" => %w[tide anchor keel], "avoid" => [ "rat" ] }, { "directions" => "eight", "words" => [ "שלום", "מגדל" ], "avoid" => [] } ],
    "label" => [ { "picture" => { "picture" => 7, "alt" => "A boat" }, "how" => "dragged", "labels" => [ { "face" => "bow", "at" => [ 0.1, 0.5 ] }, { "face" => "stern", "at" => [ 0.9, 0.5 ] }, { "face" => { "sound" => 4 }, "at" => [ 0.5, 0.1 ] }, { "face" => "bow", "at" => [ 0.2, 0.9 ] } ], "more" => [ "gull" ] },
                 { "picture" => { "picture" => 7 }, "how" => "typed", "slip" => true, "labels" => [ { "face" => "bow", "also" => [ "front" ], "at" => [ 0.1, 0.5 ] }, { "face" => "stern", "at" => [ 0.9, 0.5 ] } ] } ],
    "find" => [ { "picture" => { "picture" => 7 }, "things" => [ { "ask" => "the boat", "area" => { "shape" => "rectangle", "points" => [ [ 0.6, 0.9 ], [ 0.1, 0.5 ] ] } }, { "ask" => { "sound" => 4 }, "area" => { "shape" => "ellipse", "points" => [ [ 0.7, 0.1 ], [ 0.9, 0.2 ] ] } },
                                                                 { "ask" => "the mast", "area" => { "shape" => "outline", "points" => [ [ 0.3, 0.1 ], [ 0.35, 0.1 ], [ 0.35, 0.6 ], [ 0.3, 0.6 ] ] } } ] } ],
    "sheet" => [ { "way" => "turn", "parts" => [
      { "title" => "Say which", "kind" => "true_false", "content" => { "sentences" => [ { "ask" => "Ropes sink.", "true" => false }, { "ask" => "Corks float.", "true" => true } ] } },
      { "title" => "Safe or wait", "kind" => "sort", "content" => { "groups" => [ { "name" => "Safe", "tiles" => %w[11:30 12:40] }, { "name" => "Wait", "tiles" => [ "05:45" ] } ] } },
      { "title" => "Write it", "kind" => "gaps", "content" => { "how" => "typed", "text" => [ "The ", { "right" => [ "tide" ] }, " comes." ] } }
    ] } ],
    "circles" => [ { "circles" => [ "Floats", "Is red" ], "things" => [ { "face" => "red buoy", "in" => [ 0, 1 ] }, { "face" => "cork", "in" => [ 0 ] }, { "face" => "brick", "in" => [ 1 ] }, { "face" => "anchor", "in" => [] } ] } ]
  }.freeze

  def each_sample
    Usher::Activities.registry.each { |name, kind| CONTENT.fetch(name).each { |content| yield name, kind.build(content), content } }
  end

  def build(name, content = CONTENT.fetch(name).first) = Usher::Activities.registry.fetch(name).build(content)

  # The same without pictures and sounds. picture: the number of one that is there, for kinds that are played on one.
  def in_words(content, picture: nil)
    case content
    when Hash
      return { "text" => "part #{content.values.join}" } if (content.keys - %w[picture sound alt]).empty?
      content.to_h { |name, value| [ name, name == "picture" ? { "picture" => picture } : in_words(value, picture: picture) ] }
    when Array then content.map { |value| in_words(value, picture: picture) }
    else content
    end
  end

  def play(kind, seed: 4, **rules) = Usher::Activities::Play.new(kind, Usher::Activities::Rules.new(rules.transform_keys(&:to_s)), seed)

  # A move after which the answer in a cell is wrong.
  def wrong_move(kind, deal, answers, cell)
    candidates(kind, deal, cell).find do |move|
      now = kind.accept(deal, answers, move)
      kind.answer(deal, now, cell) && kind.right?(deal, now, cell) == false
    rescue Usher::Invalid
      false
    end
  end

  def candidates(kind, deal, cell)
    if kind.is_a?(Usher::Activities::Kinds::Sheet)
      number, rest = kind.class.split(cell)
      return candidates(kind.parts[number - 1].last, deal.part(number), rest).map { |move| { "part" => number, "move" => move } }
    end
    answering = kind.answering(deal)
    case answering
    when Usher::Activities::Answering::Placing
      places = answering.places.keys
      deal.names.product(places).map { |piece, place| { "piece" => piece, "place" => place } }
    when Usher::Activities::Answering::Typing then [ { "field" => cell, "text" => "zzzzzzz" } ]
    when Usher::Activities::Kinds::Find then [ { "cell" => cell, "at" => [ 0.99, 0.99 ] } ]
    when Usher::Activities::Kinds::Crossword then [ { "field" => cell, "text" => "Z" * kind.view(deal, {})["words"][cell]["squares"].size } ]
    when Usher::Activities::Answering::Turning, Usher::Activities::Kinds::Cards, Usher::Activities::Kinds::WordSearch then []
    else answering.fields[cell].map { |option| { "field" => cell, "option" => option } }
    end
  end
end
