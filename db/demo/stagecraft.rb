module Demo
  # What a teacher prepares for the lesson as it is held: cues, a flash card, a die with words, lanes with questions, and
  # one class that has been there.
  module Stagecraft
    module_function

    def load(teacher)
      @teacher = teacher
      tides(pages("Tides at Gull Point"))
      till(pages("The boatyard’s till"))
      ropes(Lesson.find_by!(teacher: teacher, title: "Ropes, knots and fractions"))
      diary(pages("Keeper’s diary: past tense"))
      kept(Lesson.find_by!(teacher: teacher, title: "The boatyard’s till"))
    end

    def pages(title) = Lesson.find_by!(teacher: @teacher, title: title).pages.to_a

    def perform(page, operation, **more) = page.perform(operation.deep_stringify_keys, id: SecureRandom.alphanumeric(20), by: @teacher, **more)

    def cue(page, verb, item = nil, **given)
      perform(page, { verb: "cue", put: { id: SecureRandom.alphanumeric(12).downcase, verb: verb, item: item&.key, **given }.compact })
      perform(page, { verb: "change", changes: [ { id: item.key, set: { audience: "nobody" } } ] }) if verb == "show"
    end

    def saying(page, words) = page.items.reload.find { |item| item.words.start_with?(words) }

    # The class thinks about low water first, and votes after it has talked.
    def tides(pages)
      cue pages[1], "light", saying(pages[1], "low water")
      cue pages[1], "start", tool: "countdown", minutes: 2
      cue pages[3], "poll", letters: 3
      cue pages[3], "show", saying(pages[3], "Wait: 23")
    end

    # The boat sails in three legs; the answers come one after the other.
    def till(pages)
      boat = pages[2].items.find_by(key: "boat")
      [ 0.25, 0.5, 1 ].each { |share| cue pages[2], "slide", boat, to: share }
      pages[3].items.where(kind: "cover").sort_by { |item| item.data["y"] }.each { |cover| cue pages[3], "lift", cover }
    end

    # Three come to the board, each with a question of their own.
    def ropes(lesson)
      page = lesson.add_page(style: { "minutes" => 6 })
      cue page, "start", tool: "lanes", count: 3, questions: "3/4 of 24 m\n2/3 of 24 m\n5/6 of 24 m"
    end

    def diary(pages)
      Sketch.fill(pages[1], by: @teacher) do
        add "flash_card", x: 1060, y: 450, width: 400, height: 250, faces: [ { "text" => "to keep" }, { "text" => "kept" } ]
        add "die", x: 840, y: 500, width: 170, height: 170, faces: [ "I", "you", "she", "we", "they", "the keeper" ].map { |word| { "text" => word } }
      end
      card, die = %w[flash_card die].map { |kind| pages[1].items.reload.find_by(kind: kind) }
      cue pages[1], "roll", die
      cue pages[1], "roll", card
    end

    # Last week's class, kept: they paid for the cleat and found what it cost.
    def kept(lesson)
      sitting = Sitting.teach(lesson, lesson.pages[1])
      writing = ->(x, y) { (0..40).map { |step| [ x + step * 5.5, y + Math.sin(step / 3.0) * 22, nil, step * 16 ] } }
      { lesson.pages[1] => [ 330, 470 ], lesson.pages[3] => [ 1360, 250 ] }.each do |page, (x, y)|
        perform(page, { verb: "put", items: [ { kind: "ink", id: SecureRandom.alphanumeric(20).downcase, points: writing.(x - 210, y), colour: Usher::Colour::TIDE, stroke_width: 8, nib: "lively" } ] }, layer: sitting.layer)
      end
      perform(lesson.pages[3], { verb: "change", changes: [ { id: lesson.pages[3].items.find_by(kind: "cover").key, set: { off: true } } ] }, layer: sitting.layer)
      Kittiwakes.hold(sitting, Kittiwakes.form(@teacher))
      sitting.finish("kept", by: @teacher, title: "4 Kittiwake")
      sitting.update_columns(began_at: 6.days.ago, ended_at: 6.days.ago + 38.minutes, seen_at: 6.days.ago + 38.minutes, times: { lesson.pages[1].id => 1_320, lesson.pages[3].id => 940 })
      [ sitting.seats, sitting.polls ].each { |all| all.update_all(created_at: 6.days.ago + 4.minutes) }
    end
  end
end
