module Monkey
  # Those who are about: a teacher at the board and in a second tab of the same lesson, two students, a reader.
  class Town
    attr_reader :people

    def initialize(server, seed)
      @server, @random = server, Random.new(seed)
      @facts = server.ruby(FACTS)
      teacher = [ "/", *@facts["lessons"].flat_map { |id| [ "/lessons/#{id}", "/lessons/#{id}/teach" ] } * 3, "/takes", "/bin", "/store_room", "/account", "/school", "/mail_box", "/sittings/#{@facts['held']}/prompter", "/classes",
        *@facts["classes"].map { |id| "/classes/#{id}" }, *@facts["kept"].flat_map { |id| [ "/sittings/#{id}", "/sittings/#{id}/report" ] }, *@facts["activities"].map { |id| "/activities/#{id}/edit" } ]
      first = "/lessons/#{@facts['lessons'].first}"
      @people = [ person("board", :wall, 1280, 800, home: teacher), person("tab", :wall, 1280, 800, home: [ first, "#{first}/teach" ]),
        person("phone", :phone, 390, 844) { |one| come_in(one, "Juniper") }, person("tablet", :wall, 1024, 768) { |one| come_in(one, "Rowan") },
        person("reader", :wall, 1280, 800, home: [ "/s/#{@facts['share']}", *@facts["takes"].map { |id| "/takes/#{id}" } ]) ]
      people.values_at(0, 1, 4).each { |one| Bench::Browser.sign_in(one.session) }
      people.each(&:set_out)
    end

    # Who does the next thing: the board most of the time.
    def next = people.values_at(0, 0, 0, 0, 1, 2, 2, 3, 4).sample(random: @random)

    # A pause at which nothing is on its way: what lies on every page is what its log makes of it, and boards show
    # what the server has. Answers with what is wrong.
    def differences
      people.each { |one| patiently { one.offline(false) } }
      sleep 3
      @server.ruby(REPLAY)["wrong"] + unkept
    end

    private

    # What was done at a board and has not been kept.
    def unkept
      people.first(2).flat_map do |one|
        done = told(one).select { |entry| %w[operations undo redo reset].include?(entry["to"]) }
        missing = @server.ruby("ids = JSON.parse(#{done.map { |entry| entry['id'] }.to_json.inspect}); puts({ missing: ids - Operation.where(client_id: ids).pluck(:client_id) }.to_json)")["missing"]
        done.select { |entry| entry["to"] == "operations" && missing.include?(entry["id"]) }.map { |entry| "#{one.name}: kept nowhere: #{entry['what'][0, 400]} (after #{one.did[entry['id']]})" }
      end
    end

    # Nothing, where a browser's store does not answer.
    def told(one) = patiently(2) { one.done } rescue []

    # A browser that is on its way to another page is asked again.
    def patiently(tries = 5)
      yield
    rescue Selenium::WebDriver::Error::WebDriverError
      raise if (tries -= 1).zero?
      sleep 1
      retry
    end

    def person(name, driver, width, height, home: nil, &arrive)
      Person.new(name, Bench::Browser.open(driver, @server.url), Random.new(@random.rand(2**31)), width: width, height: height, home: home, &arrive)
    end

    # Goes on in the seat, or comes in anew.
    def come_in(one, name)
      one.session.visit "/seat"
      return if one.session.has_text?("You are in as", wait: 1)
      one.session.visit "/join/#{@facts['code']}"
      return unless one.session.has_field?("Your name", wait: 1)
      one.session.fill_in "Your name", with: name
      one.session.click_button "Come in"
    end

    FACTS = <<~RUBY.freeze
      teacher = Teacher.find_by!(email: "keeper@gullpoint.example")
      lessons = teacher.lessons.kept.order(:id).to_a
      sitting = Sitting.open_doors(lessons.first, lessons.first.pages.first)
      Sending.out(lessons.first.activities.last, sitting)
      sitting.allow(%w[answer point write move])
      puts({ lessons: lessons.map(&:id), code: sitting.code, share: lessons.first.shares.create!.token, held: sitting.id, kept: Sitting.kept.ids, classes: SchoolClass.ids, takes: Take.ids, activities: Activity.ids }.to_json)
    RUBY

    # Everything that was done to the prepared pages, done again from nothing in the core; and every go, move by move. What a
    # page was made with (a layout, a copy, a slide) is in no log, so things that no entry put there are left out.
    REPLAY = <<~RUBY.freeze
      wrong = Page.find_each.filter_map do |page|
        next if page.operations.where(layer_id: page.prepared.id).none?
        log = page.operations.where(layer_id: page.prepared.id).order(:seq).to_a
        memory, put = Usher::Page::Memory.new, Set.new
        log.each do |entry|
          memory.run(entry.payload, lenient: true) rescue nil
          put.merge(memory.stack.map(&:id))
        end
        was, is = [ memory, page.showing.memory ].map { |one| one.stack.to_h { |placed| [ placed.id, placed.item.to_h ] }.slice(*put) }
        was == is ? nil : "page \#{page.id}: \#{((was.to_a - is.to_a) + (is.to_a - was.to_a)).map(&:first).uniq.first(4).join(', ')}"
      end
      goes = Attempt.find_each.reject { |go| go.play_after(go.moves.count).state == go.state }.map { |go| "go \#{go.id} is not what its moves make of it" }
      puts({ wrong: wrong + goes }.to_json)
    RUBY
  end
end
