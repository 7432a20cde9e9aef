require_relative "sketch"
require_relative "boatyard"
require_relative "exercises"
require_relative "harbour_film"
require_relative "harbour_slides"
require_relative "kittiwakes"
require_relative "stagecraft"

# The demo school: Gull Point, a harbour town with a lighthouse, a causeway and a class 6H. Everything in it is made up.
module Demo
  EMAIL = "keeper@gullpoint.example".freeze
  PASSWORD = "low tide at noon".freeze
  BLUE, PLUM, RED, GREEN = Usher::Colour::TIDE, Usher::Colour::VELVET, Usher::Colour::RUST, Usher::Colour::LEAF
  RULED = { "paper" => "ruled", "measures" => { "spacing" => 11.14 } }.freeze # 60 page units, as the words on it are spaced

  module_function

  # Loads it once; answers with the demo teacher.
  def load
    Teacher.find_by(email: EMAIL) || Teacher.create!(name: "Maren Holt", email: EMAIL, password: PASSWORD).tap do |teacher|
      pictures = %w[lighthouse boat knot causeway].to_h { |name| [ name.to_sym, picture(teacher, name) ] }
      diary(teacher, pictures)
      ropes(teacher, pictures)
      Boatyard.load(teacher, pictures)
      HarbourFilm.load(teacher)
      HarbourSlides.load(teacher)
      tides(teacher, pictures)
      Exercises.load(teacher)
      Stagecraft.load(teacher)
    end
  end

  def picture(teacher, name)
    File.open(File.join(__dir__, "pictures", "#{name}.svg")) { |file| teacher.assets.take_in(ActionDispatch::Http::UploadedFile.new(tempfile: file, filename: "#{name}.svg"), folder: "Harbour").picture }
  end

  # A lesson with pages of these minutes; answers with it and its pages.
  def lesson(teacher, title, subject, year, minutes, papers = {})
    lesson = Lesson.start(teacher: teacher, title: title, subject: subject, year: year)
    (minutes.size - 1).times { lesson.add_page }
    lesson.pages.reload.each_with_index do |page, index|
      page.perform({ "verb" => "restyle", "set" => { "minutes" => minutes[index], **papers.fetch(index + 1, {}) } }, id: SecureRandom.alphanumeric(20), by: teacher)
    end
    [ lesson, lesson.pages.reload.to_a ]
  end

  def tides(teacher, pictures)
    lesson, pages = lesson(teacher, "Tides at Gull Point", "Science", "Year 6", [ 5, 10, 8, 7, 5 ], { 1 => { "colour" => "#fdfaf4" }, 5 => RULED })
    Sketch.fill(pages[0], by: teacher) do
      title "Tides at Gull Point", y: 150, size: 104
      text "Why does the sea come in twice a day, and when can we walk to the lighthouse?", 80, 330, 820, size: 46
      picture pictures[:lighthouse], 1030, 110, 480, "A lighthouse on a rock, its lamp lit"
      note "Today: read a tide graph, decide when it is safe, explain why.", 80, 600, 520, 180
      ink((0..70).map { |step| [ 80 + step * 11.6, 556 + Math.sin(step / 3.2) * 13 ] }, colour: BLUE, stroke_width: 9)
    end
    Sketch.fill(pages[1], by: teacher) { Demo.tide_graph(self) }
    activity = lesson.activities.create!(title: "Safe or wait?", kind: "sort", content: { "groups" => [ { "name" => "Safe to cross", "tiles" => %w[11:30 12:40 00:15] }, { "name" => "Wait", "tiles" => %w[05:45 18:10 06:20] } ] })
    Sketch.fill(pages[2], by: teacher) do
      title "Safe or wait?"
      text "Use the graph. The causeway is dry below two metres.", 80, 160, 620, size: 38
      picture pictures[:causeway], 80, 330, 600, "A causeway from the town to the lighthouse"
      card activity, 760, 190, 760, 500
    end
    Sketch.fill(pages[3], by: teacher) do
      title "Could you cross at noon?"
      { "A" => "Yes, the causeway is dry", "B" => "No, the water is too high", "C" => "You cannot tell from the graph" }.each_with_index do |(letter, words), index|
        shape "rectangle", 80, 210 + index * 150, 110, 110, fill: "#6d1f42", stroke: "none", round: 24
        text letter, 80, 226 + index * 150, 110, size: 60, font: "title", bold: true, colour: "#ffffff", align: "middle"
        text words, 230, 236 + index * 150, 760, size: 44
      end
      picture pictures[:boat], 1040, 300, 460, "A small sailing boat"
      note "Wait: 23 of 24, then talk in pairs before they vote again.", 1680, 80, 380, 200
    end
    Sketch.fill(pages[4], by: teacher) do
      text "What we found out", 150, 40, 1200, size: 64, font: "title", bold: true
      text "High water comes about every twelve and a half hours.", 150, 186, 1300, size: 40
      text "The causeway is dry for about", 150, 306, 1300, size: 40
      line [ 712, 350 ], [ 900, 350 ], stroke: RED, stroke_width: 4
    end
  end

  # Height of the water over a day, the two metre line, and a ring round low water.
  def tide_graph(sketch)
    x, y = ->(hour) { 190 + hour * 36.0 }, ->(metres) { 700 - metres * 80.0 }
    sketch.instance_exec do
      title "When is the causeway safe to cross?"
      text "height (m)", 58, 158, 130, size: 23, colour: Usher::Colour::SOFT
      [ 0, 2, 4, 6 ].each do |metres|
        line [ x[0], y[metres] ], [ x[24], y[metres] ], stroke: "#e8dcc7", stroke_width: 2 unless metres.zero?
        text metres.to_s, 120, y[metres] - 22, 50, size: 30, colour: Usher::Colour::SOFT, align: "right"
      end
      [ 6, 12, 18, 24 ].each do |hour|
        line [ x[hour], y[0] ], [ x[hour], y[6.6] ], stroke: "#e8dcc7", stroke_width: 2
        text format("%02d:00", hour), x[hour] - 60, y[0] + 14, 120, size: 28, colour: Usher::Colour::SOFT, align: "middle"
      end
      line [ x[0], y[6.8] ], [ x[0], y[0] ], stroke_width: 5
      line [ x[0], y[0] ], [ x[24.6], y[0] ], stroke_width: 5
      line [ x[0], y[2] ], [ x[24], y[2] ], stroke: RED, stroke_width: 4, dash: "dashed"
      ink((0..96).map { |quarter| hour = quarter / 4.0; [ x[hour].round(1), y[3.4 + 2.7 * Math.sin((hour - 2.9) * Math::PI / 6.2)].round(1) ] }, colour: BLUE, stroke_width: 9)
      ring x[12.2], y[1.15], 125, 62, colour: PLUM
      note "Cross it?\nRead the height at each time. Safe, or wait?", 1180, 170, 360, 190
      { "11:30" => [ 1180, 420 ], "18:10" => [ 1380, 420 ], "05:45" => [ 1180, 530 ] }.each do |time, (left, top)|
        note time, left, top, 160, 86, size: 34, bold: true, colour: BLUE, card: "#d5e8ef", align: "middle"
      end
      line [ x[12.2], y[3.5] ], [ x[12.2], y[2.15] ], kind: "arrow", stroke: PLUM, stroke_width: 6
      text "low water", x[12.2] - 100, y[4.1], 200, size: 32, colour: PLUM, bold: true, align: "middle"
    end
  end

  def ropes(teacher, pictures)
    lesson, pages = lesson(teacher, "Ropes, knots and fractions", "Maths", "Year 5", [ 5, 12, 13, 10, 8 ], { 2 => { "paper" => "squared", "measures" => { "spacing" => 10 } } })
    lesson.update!(folder: "Harbour maths")
    Sketch.fill(pages[0], by: teacher) do
      title "Ropes, knots and fractions", y: 90, size: 84
      picture pictures[:knot], 80, 330, 760, "A rope with a simple knot"
      text "A rope is 12 metres long. A knot uses up one sixth of it. How much is left?", 920, 330, 600, size: 46
      note "12 ÷ 6 = 2\n12 − 2 = …", 920, 600, 360, 170
    end
    Sketch.fill(pages[1], by: teacher) do
      text "Cut the rope", 100, 40, 1000, size: 64, font: "title", bold: true
      { 1 => "one whole", 2 => "halves", 3 => "thirds", 4 => "quarters" }.each_with_index do |(parts, words), row|
        parts.times { |part| shape "rectangle", 100 + part * 1100.0 / parts, 200 + row * 150, 1100.0 / parts, 90, fill: [ "#f7dfa6", "#d5e8ef", "#d9eee3", "#f5e3ea" ][row], stroke_width: 4 }
        text words, 1240, 215 + row * 150, 300, size: 40
      end
    end
    activity = lesson.activities.create!(title: "Half a rope or not?", kind: "sort", content: { "groups" => [ { "name" => "Equal to one half", "tiles" => [ "2/4", "3/6", "6/12", "5/10" ] }, { "name" => "Less than one half", "tiles" => [ "1/3", "2/5", "3/8" ] }, { "name" => "More than one half", "tiles" => [ "2/3", "4/6", "7/12" ] } ] })
    Sketch.fill(pages[2], by: teacher) do
      title "Half a rope or not?"
      card activity, 300, 190, 1000, 520
    end
    Sketch.fill(pages[3], by: teacher) do
      title "Your own rope"
      shape "ellipse", 180, 260, 420, 420, fill: "#d9eee3", stroke: GREEN, stroke_width: 6
      line [ 390, 260 ], [ 390, 680 ], stroke: GREEN
      line [ 180, 470 ], [ 600, 470 ], stroke: GREEN
      text "Coil a rope and cut it. Which fraction is each piece? Draw it, then tell your neighbour.", 720, 300, 780, size: 46
    end
    Sketch.fill(pages[4], by: teacher) { Demo.pulling(self) }
  end

  # Which piece is longer: a ruler, formulas, tiles to sort, and what the harbour master says.
  def pulling(sketch)
    sketch.instance_exec do
      title "Which piece is longer?"
      add "formula", x: 110, y: 200, source: "2/3", size: 110, colour: PLUM
      add "formula", x: 330, y: 200, source: "3/5", size: 110, colour: BLUE
      text "of the same rope", 540, 250, 420, size: 46
      shape "rectangle", 100, 470, 1000, 40, fill: "#f7dfa6", stroke_width: 4
      shape "rectangle", 100, 470, 666.67, 40, fill: PLUM, stroke_width: 4
      shape "rectangle", 100, 540, 1000, 40, fill: "#f7dfa6", stroke_width: 4
      shape "rectangle", 100, 540, 600, 40, fill: BLUE, stroke_width: 4
      add "ruler", x: 90, y: 600, width: 1040, height: 90, unit: "units"
      add "callout", x: 1060, y: 190, width: 420, height: 150, text: "Measure first, then cut.", size: 40, tail: [ 0.75, 1.5 ]
      shape "star", 1330, 480, 150, 150, fill: "#f7dfa6", stroke: "#9a6a0c"
      Usher::Tiles.lay("1/2, 3/4, 5/8, 7/10").each { |tile| add tile["kind"], **tile.except("kind").symbolize_keys, y: 755 }
    end
  end

  def diary(teacher, pictures)
    _, pages = lesson(teacher, "Keeper’s diary: past tense", "English", "Year 4", [ 10, 15, 10 ], { 1 => RULED, 2 => RULED })
    Sketch.fill(pages[0], by: teacher) do
      text "From the keeper’s diary", 160, 34, 1000, size: 64, font: "title", bold: true
      text "Tuesday. The wind blew from the west all night. I lit the lamp at six and wound the clock. At nine a boat came in, low in the water, and the crew drank all my tea.", 160, 186, 880, size: 42
      picture pictures[:lighthouse], 1160, 190, 360, "A lighthouse on a rock"
    end
    Sketch.fill(pages[1], by: teacher) do
      text "Today or long ago?", 160, 34, 1000, size: 64, font: "title", bold: true
      [ %w[blow blew], %w[light lit], %w[wind wound], %w[drink drank] ].each_with_index do |(now, past), row|
        text now, 200, 186 + row * 120, 300, size: 46
        line [ 480, 216 + row * 120 ], [ 640, 216 + row * 120 ], kind: "arrow", stroke: PLUM, stroke_width: 6
        text past, 700, 186 + row * 120, 300, size: 46, bold: true, colour: PLUM
      end
      note "Find four more in the diary.", 1120, 200, 360, 180, card: "#d5e8ef"
    end
    Sketch.fill(pages[2], by: teacher) do
      title "Write Wednesday’s entry"
      picture pictures[:boat], 1080, 500, 420, "A small sailing boat"
      note "Five sentences.\nFive verbs in the past.\nOne surprise.", 80, 200, 420, 240
    end
  end
end
