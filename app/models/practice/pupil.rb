# One simulated student: what a child with a phone does, now and then.
class Practice::Pupil
  DOES = { play: 6, draw: 3, point: 2, hand: 1, drop: 1 }.freeze # how likely each is

  # token: of its seat; pace: seconds between two things, on average; wrong: percent.
  def initialize(token, pace:, wrong:, door:)
    @pace, @wrong, @door = pace, wrong, door
    jar = ActionDispatch::Request.new(Rails.application.env_config.deep_dup).cookie_jar
    jar.signed[:seat] = token
    @jar = { "seat" => CGI.escape(jar[:seat]) }
    @random, @sent = Random.new, true # something may have been sent before it came
  end

  def stop = @stopped = true

  def run(until_then)
    come_in
    until @stopped || Time.current > until_then || @shut
      line = Practice::Line.new(@door, @jar)
      line.listen(wait) { |message| hear(message) }
      act(line) until line.closed? || @stopped || @shut || @dropped
      line.close
      sleep(wait) if @dropped.tap { @dropped = false }
    end
  rescue IOError, SystemCallError, OpenSSL::SSL::SSLError, Net::ReadTimeout, Net::OpenTimeout => error
    Rails.logger.info "A simulated student went away (#{error.class})"
    sleep(@pace)
    retry unless @stopped || Time.current > until_then
  ensure
    line&.close
  end

  private

  def wait = @pace * (0.3 + @random.rand * 1.4)

  def come_in
    page = @door.ask("get", "/seat", @jar).body
    @token = page[/name="csrf-token" content="([^"]+)"/, 1]
    seat = page[/data-seat="([^"]+)"/, 1]
    @rights = seat ? JSON.parse(CGI.unescapeHTML(seat))["rights"] : []
    @page = page[/data-page="(\d+)"/, 1].to_i
  end

  def hear(message)
    @rights = message["rights"] if message["rights"]
    @page = message["turn"] if message["turn"]
    @shut = true if message["shut"]
    @poll = true if message["poll"]
    @sent = true if message["sent"]
  end

  def act(line)
    sum = @random.rand(DOES.values.sum)
    doing = DOES.find { |_, weight| (sum -= weight).negative? }.first
    doing = :answer if @poll
    send(doing, line)
    line.listen(wait) { |message| hear(message) }
  end

  def answer(_line)
    @poll = false
    form = @door.ask("get", "/seat/poll", @jar).body
    number = form[/name="poll" value="(\d+)"/, 1]
    return if number.nil? || form.include?("data-answered")
    guess = Poll.find(number).core.guess(@random, off?)
    @door.ask("post", "/seat/answer", @jar, token: @token, form: { "poll" => number, (guess.is_a?(Array) ? "choice[]" : "choice") => guess })
  end

  # One move of the activity that was sent, or begins it.
  def play(_line)
    return move(@going.shift) if @going&.any?
    return unless @sent
    @sent = false
    activity = @door.ask("get", "/seat/sending", @jar).body[/data-play="(\d+)"/, 1] or return
    @go = @door.ask("post", "/activities/#{activity}/attempts?as=seat&resume=1", @jar, token: @token, form: {}).body[/id="go-(\d+)"/, 1] or return
    @going = moves(Attempt.find(@go))
  end

  # Those that solve it, some of them as if they were about another piece; at the end it is handed in where it has to be.
  def moves(attempt)
    kind, play = attempt.edition.kind_of, attempt.play
    right = kind.moves_to(play.deal, kind.solution(play.deal))
    right.map { |move| off? ? move.merge(right.sample(random: @random).slice(move.keys.last)) : move } + (attempt.play.rules.live? ? [] : [ { "do" => "finish" } ])
  end

  def move(one) = @door.ask("post", "/attempts/#{@go}/moves", @jar, token: @token, json: { id: SecureRandom.alphanumeric(20), move: one, ago: 0 }.to_json)

  def off? = @random.rand(100) < @wrong

  def draw(line)
    return point(line) unless (@rights & %w[write copy]).any?
    stroke = ink
    stroke["points"].each_slice(6).with_index { |some, index| line.perform("wet", { page: @page, id: stroke["id"], start: index * 6, points: some }.merge(stroke.slice("colour", "stroke_width", "nib", "opacity"))) } if @rights.include?("write")
    @door.ask("post", "/seat/pages/#{@page}/operations", @jar, token: @token, json: [ { id: SecureRandom.alphanumeric(20), operation: { verb: "put", items: [ stroke ] } } ].to_json)
  end

  def ink = Usher::Polls::Kinds::Drawing.squiggle(@random)

  def point(line)
    return unless @rights.include?("point")
    3.times { line.perform("pointer", { x: @random.rand(1_600), y: @random.rand(900) }) }
    line.perform("pointer", {})
  end

  def hand(_line) = @door.ask(@up ? "delete" : "post", "/seat/hand", @jar, token: @token).tap { @up = !@up }

  def drop(_line) = @dropped = true
end
