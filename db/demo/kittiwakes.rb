# A class of 24, and what it did in the lesson that is kept: who came in, what they answered, what they drew.
module Demo
  module Kittiwakes
    NAMES = %w[Alder Ash Briar Clover Dara Elm Fern Finn Hazel Heath Ivo Juniper Laurel Linnet Maple Merle Olive Pip Robin Rowan Sage Sorrel Wren Yarrow].freeze
    CHANGE = [ "the rope, the cleat", "money", "coins", "coin, till", "the till", "money, notes", "Coins", "subtracting", "substracting", "counting up", "counting up", "subtracting" ].freeze
    SURE = [ 4, 5, 3, 4, 2, 5, 4, 3, 5, 4, 4, 3 ].freeze

    module_function

    def form(teacher) = SchoolClass.begin(teacher, title: "4 Kittiwake", names: NAMES.join("\n"))

    # In a sitting that is held: the first sixteen are in, and answer.
    def hold(sitting, school_class)
      sitting.update!(school_class: school_class)
      sitting.open
      seats = school_class.students.first(16).map { |student| sitting.seat_of(student) }
      answer(Poll.ask(sitting, "letters", { "count" => 4 }, question: "How much change is it?"), seats, %w[B B C B A B B D B B C B B])
      answer(Poll.ask(sitting, "words", { "most" => 2 }, question: "What do you need for giving change?"), seats, CHANGE)
      answer(Poll.ask(sitting, "scale", { "steps" => 5, "low" => "not at all", "high" => "very" }, question: "How sure are you?"), seats, SURE)
      answer(Poll.ask(sitting, "drawing", {}, question: "Draw the coins you would give"), seats, Array.new(9) { |index| coins(index) })
    end

    def answer(poll, seats, answers)
      seats.zip(answers).each { |seat, value| poll.take_answer(seat, value) if value }
      poll.reveal(true)
      poll.close
    end

    # A few rings, as a hand draws them.
    def coins(index)
      Array.new(2 + index % 3) do |coin|
        x, y, r = 260 + coin * 190 + index * 11, 560 + (index * 37 + coin * 53) % 120, 55 + coin * 9
        points = Array.new(26) { |step| [ (x + Math.cos(step / 4.0) * r).round(1), (y + Math.sin(step / 4.0) * r * 0.94).round(1), nil, step * 14 ] }
        { "kind" => "ink", "id" => "coin-#{index}-#{coin}", "colour" => Usher::Colour::TIDE, "stroke_width" => 8, "nib" => "even", "opacity" => 1, "points" => points }
      end
    end
  end
end
