require "parallel"
require "stringio"

module Demo
  # A lesson of moving pictures and sounds. The film, the fog horn and the tide tables are made here, by the
  # programs that Usher uses, so that the repository holds none of them.
  module HarbourFilm
    FRAMES, RATE = 60, 6 # a tide in ten seconds
    SIZE = [ 960, 540 ].freeze

    module_function

    def load(teacher)
      film, horn, tables = bring(teacher, "The tide comes in.mp4", film()), bring(teacher, "Fog horn.m4a", horn()), bring(teacher, "Tide tables.pdf", tables())
      lesson, pages = Demo.lesson(teacher, "Harbour film and fog horn", "Science", "Year 5", [ 12, 8, 10 ], { 1 => { "colour" => "#fdfaf4" } })
      watch(pages[0], teacher, film)
      listen(pages[1], teacher, lesson, horn)
      visit(pages[2], teacher)
      Import.start(lesson, tables, after: pages[2], wanted: "1-2").run
    end

    def bring(teacher, name, bytes) = teacher.assets.take_in(StoreRoom::Fetched.new(name, bytes), folder: "Harbour")

    def watch(page, teacher, film)
      Sketch.fill(page, by: teacher) do
        title "Watch the causeway", y: 40
        add "video", x: 80, y: 160, width: 880, height: 495, asset: film.id, picture: film.picture_id, title: film.title, seconds: film.seconds
        text "Stop the film when the causeway goes under. Take a still, and one when the water is highest.", 1010, 170, 510, size: 38, link: { "to" => "speech", "language" => "en-gb", "speed" => 150 }
        note "How many seconds of film is one hour of tide?", 1010, 480, 420, 170
      end
    end

    def listen(page, teacher, lesson, horn)
      found = Library::Drawing.search("lighthouse").first
      lighthouse = found ? StoreRoom.new(teacher).shelf("drawings").take(found.id).items_at([ 1230, 470 ], lesson: lesson) : []
      Sketch.fill(page, by: teacher) do
        title "How far away is the fog horn?", y: 40
        text "Sound travels 340 metres in a second. You see the keeper wave, and six seconds later you hear the horn.", 80, 170, 900, size: 42
        add "sound", x: 80, y: 420, width: 460, height: 110, asset: horn.id, title: horn.title, seconds: horn.seconds
        add "formula", x: 80, y: 600, source: "6 xx 340 = ?", size: 70, colour: Usher::Colour::TIDE
        items.concat(lighthouse)
      end
    end

    def visit(page, teacher)
      Sketch.fill(page, by: teacher) do
        title "Look it up", y: 40
        add "framed", x: 80, y: 150, width: 880, height: 620, address: "https://gullpoint.example/tides", title: "Tide times at Gull Point"
        add "link_card", x: 1010, y: 150, width: 510, height: 150, address: "https://harbour-museum.example/fog-horn", title: "The fog horn", about: "How a horn is heard ten kilometres away."
        note "On which day could we walk to the lighthouse at lunch?", 1010, 350, 420, 200
      end
    end

    # The water rises over the causeway and falls again: frames drawn by librsvg, joined by ffmpeg.
    def film
      Dir.mktmpdir("usher-film") do |folder|
        Parallel.each(0...FRAMES, in_threads: Parallel.processor_count) do |index| # each waits for a program
          File.binwrite(File.join(folder, format("%03d.png", index)), Usher::Formats::Png::Writer.write(frame(index.to_f / FRAMES), width: SIZE[0]))
        end
        path = File.join(folder, "film.mp4")
        Usher::Formats::Tool.run("ffmpeg", "-v", "error", "-y", "-framerate", RATE, "-i", File.join(folder, "%03d.png"), "-f", "lavfi", "-i", "anoisesrc=color=brown:amplitude=0.25:duration=#{FRAMES / RATE}", "-c:v", "libx264", "-pix_fmt", "yuv420p", "-g", RATE, "-c:a", "aac", "-shortest", "-movflags", "+faststart", path)
        File.binread(path)
      end
    end

    def frame(share)
      level = 400 - 90 * Math.sin(share * Math::PI)
      waves = (0..24).map { |n| "#{n * 40} #{(level + 5 * Math.sin(n * 1.7 + share * 50)).round(1)}" }.join("L")
      hour = share * 12
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 #{SIZE.join(' ')}" width="#{SIZE[0]}" height="#{SIZE[1]}" font-family="#{Usher::Text::Faces.family('title')}"><rect width="960" height="540" fill="#d5e8ef"/><circle cx="#{120 + share * 720}" cy="#{150 - 70 * Math.sin(share * Math::PI)}" r="38" fill="#e0a83a"/><path d="M0 330L210 300V540H0Z" fill="#1d7758"/><path d="M690 280L960 300V540H690Z" fill="#62555a"/><path d="M775 280L785 150H825L835 280Z" fill="#fff"/><path d="M781 200H829L832 230H778Z" fill="#b3411d"/><path d="M778 150H832L805 122Z" fill="#b3411d"/><path d="M200 350H700L712 384H190Z" fill="#d6c6aa"/><path d="M0 #{waves.sub(/\A0 /, '')}L960 540H0Z" fill="#1e6079" opacity="0.88"/><text x="40" y="70" font-size="44" font-weight="700" fill="#231a1e">#{format('%02d:%02d', 6 + hour.floor, (hour % 1 * 60).floor)}</text></svg>)
    end

    # Three long low tones.
    def horn
      wav = Usher::Formats::Tool.run("ffmpeg", "-v", "error", "-f", "lavfi", "-i", "aevalsrc='0.5*(sin(2*PI*110*t)+0.4*sin(2*PI*165*t))*lt(mod(t\\,2)\\,1.4)':d=6", "-f", "wav", "pipe:1")
      Usher::Formats::Film.squeeze(wav)
    end

    def tables
      Usher::Formats::Pdf::Writer.write([ "June", "July", "August" ].each_with_index.map { |month, index| table(month, index) })
    end

    # An upright sheet of A4.
    def table(month, index)
      rows = (1..20).map { |day| minutes = 330 + index * 20 + day * 50; [ "#{day} #{month}", format("%02d:%02d", *(minutes % 1440).divmod(60)), format("%.1f m", 0.6 + (day % 4) * 0.2) ] }
      lines = [ [ "Day", "Low water", "Height" ], *rows ].each_with_index.map do |cells, row|
        words = cells.each_with_index.map { |cell, column| %(<text x="#{130 + column * 340}" y="#{280 + row * 60}" font-size="36" font-weight="#{row.zero? ? 700 : 400}">#{cell}</text>) }
        %(#{words.join}<path d="M110 #{300 + row * 60}H1021" stroke="#d6c6aa" stroke-width="2"/>)
      end
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1131 1600" width="1131" height="1600" font-family="#{Usher::Text::Faces.family('read')}" fill="#231a1e"><rect width="1131" height="1600" fill="#ffffff"/><text x="130" y="170" font-size="58" font-weight="700">Tide table for Gull Point, #{month}</text>#{lines.join}</svg>)
    end
  end
end
