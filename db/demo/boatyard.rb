module Demo
  # A lesson to handle things in: paying with tokens, a boat on its course, the day's tide behind covers.
  module Boatyard
    module_function

    def load(teacher, pictures)
      lesson, pages = Demo.lesson(teacher, "The boatyard’s till", "Maths", "Year 4", [ 5, 12, 10, 8 ], { 1 => { "colour" => "#fdfaf4" } })
      lesson.update!(folder: "Harbour maths", length: 40, curriculum: "Pays a price in several ways and adds amounts of money exactly.",
        notes: "Two groups at the wall at a time. Reset the page before the next group comes up.")
      welcome(pages, teacher, pictures)
      Sketch.fill(pages[1], by: teacher) { Boatyard.till(self) }
      Sketch.fill(pages[2], by: teacher) { Boatyard.course(self, pictures) }
      bind(pages[2], teacher)
      Sketch.fill(pages[3], by: teacher) { Boatyard.answers(self) }
    end

    def welcome(pages, teacher, pictures)
      Sketch.fill(pages[0], by: teacher) do
        title "The boatyard’s till", y: 90, size: 92
        picture pictures[:boat], 980, 250, 520, "A small sailing boat"
        text "What will you do first?", 80, 270, 800, size: 44
        { "Pay for boat parts" => pages[1], "Sail the course" => pages[2], "What did it cost?" => pages[3] }.each_with_index do |(words, page), index|
          add "tile", x: 80, y: 370 + index * 130, width: 560, height: 100, text: words, size: 42, pinned: "place", link: { "to" => "page", "page" => page.id }
        end
      end
    end

    # Tokens from piles, prices to reach, and places to pay.
    def till(sketch)
      sketch.instance_exec do
        title "Pay in as many ways as you can", y: 40, size: 60
        [ [ "A cleat", "2.75 €" ], [ "A pulley", "4 1/2 €" ], [ "A coil of rope", "6.20 €" ] ].each_with_index do |(part, price), index|
          add "area", x: 80 + index * 490, y: 160, width: 460, height: 400, title: "#{part}: #{price}", target: price, pinned: "all"
        end
        [ [ "0.05 €", "#fae5de", 90 ], [ "0.20 €", "#f7dfa6", 100 ], [ "0.50 €", "#f7dfa6", 110 ], [ "1/2 €", "#d9eee3", 110 ], [ "1 €", "#d5e8ef", 120 ], [ "2 €", "#d5e8ef", 130 ] ].each_with_index do |(worth, card, side), index|
          add "tile", x: 120 + index * 235, y: 680, width: side + 60, height: side, text: worth, size: 34, card: card, round: side / 2, pinned: "place", pile: { "limit" => worth == "2 €" ? 3 : 0 }
        end
        text "Drag tokens into a box. One that goes back onto its pile is put away.", 80, 600, 1440, size: 32, colour: Usher::Colour::SOFT, pinned: "all"
      end
    end

    def course(sketch, pictures)
      sketch.instance_exec do
        title "Sail the course", y: 40, size: 60
        add "ellipse", id: "course", x: 260, y: 220, width: 1080, height: 520, stroke: "#1e6079", stroke_width: 5, dash: "dashed", pinned: "all"
        %w[Start First\ buoy Turning\ point Last\ buoy].zip([ [ 1350, 560 ], [ 700, 770 ], [ 60, 440 ], [ 700, 140 ] ]) { |words, (x, y)| text words, x, y, 220, size: 30, bold: true, colour: Usher::Colour::TIDE, pinned: "all" }
        add "picture", id: "boat", x: 1245, y: 390, width: 190, height: 190 * pictures[:boat].height / pictures[:boat].width, picture: pictures[:boat].id, alt: "A small sailing boat"
        note "Which share of the course has the boat sailed when it reaches the turning point?", 560, 360, 480, 190
      end
    end

    # The boat goes along the course, with four stops.
    def bind(page, teacher)
      page.perform({ "verb" => "track", "ids" => [ "boat" ], "kind" => "path", "path" => "course", "stops" => 4 }, id: SecureRandom.alphanumeric(20), by: teacher)
    end

    def answers(sketch)
      sketch.instance_exec do
        title "What did it cost?", y: 40, size: 60
        [ [ "A cleat and a pulley", "7.25 €" ], [ "Two cleats", "5.50 €" ], [ "A pulley and a coil of rope", "10.70 €" ] ].each_with_index do |(words, sum), index|
          text words, 120, 210 + index * 170, 800, size: 46
          text sum, 1010, 210 + index * 170, 300, size: 54, bold: true, colour: Usher::Colour::VELVET
          add "cover", x: 980, y: 190 + index * 170, width: 320, height: 110, effect: %w[lift fade slide][index], words: "How much?"
        end
        note "For the teacher: 4 1/2 € and 4.50 € are the same amount. Ask who sees it.", 1000, 690, 480, 150, audience: "room"
        text "On your own device: write down your sum first.", 120, 740, 800, size: 34, audience: "devices"
      end
    end
  end
end
