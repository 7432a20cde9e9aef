require "core_test"

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
    end
  }.freeze

  def each_sample
    Usher::Activities.registry.each { |name, kind| CONTENT.fetch(name).each { |content| yield name, kind.build(content), content } }
  end

  def build(name, content = CONTENT.fetch(name).first) = Usher::Activities.registry.fetch(name).build(content)

  def play(kind, seed: 4, **rules) = Usher::Activities::Play.new(kind, Usher::Activities::Rules.new(rules.transform_keys(&:to_s)), seed)

  # Moves after which these are the answers.
  def moves_to(kind, deal, answers)
    case kind.answering(deal)
    when Usher::Activities::Answering::Placing then answers.map { |piece, place| { "piece" => piece, "place" => place } }
    when Usher::Activities::Answering::Typing then answers.map { |field, text| { "field" => field, "text" => text } }
    else answers.flat_map { |field, options| options.map { |option| { "field" => field, "option" => option } } }
    end
  end

  # A move after which the answer in a cell is wrong.
  def wrong_move(kind, deal, answers, cell)
    candidates(kind, deal, cell).find do |move|
      now = kind.accept(deal, answers, move)
      kind.answer(deal, now, cell) && !kind.right?(deal, now, cell)
    rescue Usher::Invalid
      false
    end
  end

  def candidates(kind, deal, cell)
    answering = kind.answering(deal)
    case answering
    when Usher::Activities::Answering::Placing
      places = answering.instance_variable_get(:@places).keys
      deal.names.product(places).map { |piece, place| { "piece" => piece, "place" => place } }
    when Usher::Activities::Answering::Typing then [ { "field" => cell, "text" => "zzzzzzz" } ]
    else answering.instance_variable_get(:@fields)[cell].map { |option| { "field" => cell, "option" => option } }
    end
  end
end
