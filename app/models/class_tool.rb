# A class tool on the board of a sitting: a countdown, scores, a draw ... What it knows is computed by the core; its times
# are this server's, so that it goes on over page turns, reloads and another machine.
class ClassTool < ApplicationRecord
  include Bounded, Lanes

  MOST = 12 # on the board at once

  attribute :state, StoredDocument.new(:tool)

  belongs_to :sitting

  at_most 2_000, per: :sitting_id, words: "Two thousand tools were used in this lesson. Begin it anew."

  scope :standing, -> { where(put_away_at: nil).order(:id) }
  scope :shown, -> { standing.where(shown: true) }

  # Puts one on the board. given: what was filled in, as the core's tool takes it. Raises Usher::Invalid.
  def self.put_up(sitting, kind, given, during: Current.during)
    foreign = Array(given["pictures"]).map(&:to_s) - sitting.lesson.pictures.where(id: given["pictures"]).pluck(:id).map(&:to_s)
    raise Usher::Invalid, "That picture is not in this lesson's store room." if foreign.any?
    state = Usher::Classroom::Tools.registry.fetch(kind).begin(given.to_h, at: now, seed: Usher::Classroom::Chance.seed)
    transaction do
      raise Usher::Invalid, "#{MOST} tools are on the board. Put one away first." if sitting.class_tools.standing.count >= MOST
      create!(sitting: sitting, kind: kind, state: state).tap { |tool| tool.told(during) }
    end
  end

  def self.now = Time.current.to_f

  # The core's tool in its present state.
  def tool = Usher::Classroom::Tools.registry.fetch(kind).new(state)

  # Does one of its actions. Raises Usher::Invalid.
  def act(name, given = {}, during: Current.during)
    with_lock { update!(state: tool.act(name, given, at: self.class.now)) }
    told(during)
  end

  # Small in a corner or large; on the devices too or not.
  def place(set, during: Current.during)
    update!(set)
    told(during)
  end

  def put_away(during: Current.during)
    update!(put_away_at: Time.current) unless put_away_at
    told(during)
  end

  # Boards and devices look again; a take keeps what there is to see.
  def told(during)
    ApplicationRecord.current_transaction.after_commit do
      sitting.wall_feed.publish(tools: true)
      sitting.tell_devices(tools: true) if shown? || saved_change_to_shown?
      ClassTool.note(sitting, during) if during.any?
    end
  end

  # What is to be seen on the board at this moment of a take: words, and for clocks how they run.
  def self.note(sitting, during)
    seen = sitting.class_tools.standing.map { |tool| tool.glimpse(now) }
    Event.note(sitting.lesson, "tools", seen.any? ? { "tools" => seen, "ms" => during[:ms] } : {}, during: during)
  end

  def glimpse(at)
    core = tool
    clock = { "countdown" => -1, "stopwatch" => 1 }[kind]
    return { "words" => core.words(at) } unless clock
    { "title" => state["title"].presence, "seconds" => (clock.negative? ? core.left(at) : core.passed(at)).round(1), "runs" => core.running?(at) ? clock : 0 }.compact
  end
end
