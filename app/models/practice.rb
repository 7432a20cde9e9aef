# A practice class: simulated students at real websockets, for demos and for trying a lesson out. They come in, answer,
# draw, point, raise a hand and drop off now and then. Each is marked as simulated. They do everything as a browser
# does, from outside; nothing in the app knows them but the mark of their seats.
class Practice
  MOST = 30
  LASTS = 45.minutes
  PACES = { "slow" => 20, "usual" => 8, "quick" => 2 }.freeze # seconds between two things one does, on average
  NAMES = %w[Auk Brine Cove Dune Eider Fulmar Gannet Haven Inlet Jetty Kelp Lagoon Marram Noust Oar Pier Quay Reef Spray Tern Urchin Voe Whelk Yawl Anchor Bight Cairn Drift Ebb Foam].freeze

  @running = Concurrent::Map.new

  class << self
    # count: how many; pace: one of PACES; wrong: how many of a hundred answers are; door: Practice::Door, where they come in.
    # Answers with it. Raises Usher::Invalid.
    def begin(sitting, count:, pace:, wrong:, door:)
      raise Usher::Invalid, "Open the doors first." unless sitting.open?
      raise Usher::Invalid, "A practice class has 1 to #{MOST} students." unless count.is_a?(Integer) && count.between?(1, MOST)
      raise Usher::Invalid, "Choose how quick they are." unless PACES.key?(pace)
      raise Usher::Invalid, "Of a hundred answers 0 to 100 are wrong." unless wrong.is_a?(Integer) && wrong.between?(0, 100)
      finish(sitting)
      seats = NAMES.first(count).map { |name| sitting.simulated_seat("#{name} (practice)") }
      @running[sitting.id] = new(sitting, seats, pace: PACES.fetch(pace), wrong: wrong, door: door).tap(&:start)
    end

    def of(sitting) = @running[sitting.id]

    # They go, with all they did.
    def finish(sitting)
      @running.delete(sitting.id)&.stop
      sitting.seats.where(simulated: true).find_each(&:forget)
    end
  end

  attr_reader :size

  def initialize(sitting, seats, pace:, wrong:, door:)
    @size = seats.size
    @pupils = seats.map { |seat| Practice::Pupil.new(seat.token, pace: pace, wrong: wrong, door: door) }
  end

  def start
    until_then = Time.current + LASTS
    @threads = @pupils.map { |pupil| Thread.new { pupil.run(until_then) } }
  end

  def stop
    @pupils.each(&:stop)
    @threads.each { |thread| thread.join(3) || thread.kill }
  end
end
