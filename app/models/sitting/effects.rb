# What cues ask of the room, besides what they change on the page, and how it is taken back. Each answers with what is
# kept of it for that.
class Sitting::Effects
  # A sentence the teacher must know, or nil.
  attr_reader :note

  def initialize(sitting, teacher, during)
    @sitting, @teacher, @during = sitting, teacher, during
  end

  def play(values) = tell_wall(play: values)
  def read(values) = tell_wall(read: values)

  def light(values)
    tell_wall(light: values)
    after_commit { Live::Light.new(values).tell(@sitting.lesson, @sitting, @during) }
    { "light" => true }
  end

  def poll(values)
    return closed unless @sitting.open?
    { "poll" => Poll.ask(@sitting, values["kind"], values["given"], question: values["question"]).id }
  end

  def sending(values)
    return closed unless @sitting.open?
    { "sending" => Sending.out(@sitting.lesson.activities.find(values["activity"]), @sitting).id }
  rescue ActiveRecord::RecordNotFound
    raise Usher::Invalid, "That activity is gone."
  end

  def tool(values)
    return { "tool" => ClassTool.put_up(@sitting, values["kind"], values.except("kind"), during: @during).id } unless values["kind"] == "lanes"
    put = SecureRandom.alphanumeric(20)
    { "tool" => ClassTool.lay_lanes(@sitting, values.except("kind"), by: @teacher, empty: false, id: put).id, "op" => put }
  end

  def turn(values)
    page = @sitting.lesson.pages.find_by(id: values["page"]) or raise Usher::Invalid, "The page it turns to is not in this lesson any more."
    from = @sitting.page_id
    page.perform({ "verb" => "turn" }, id: SecureRandom.alphanumeric(20), by: @teacher, layer: @sitting.layer, during: @during)
    @sitting.reload
    { "from" => from }
  end

  def take_back(entry)
    tell_wall(play: {}, read: {}) if (entry.keys & %w[op poll sending tool from light]).empty?
    light_out if entry["light"]
    @sitting.polls.asking.find_by(id: entry["poll"])&.close if entry["poll"]
    @sitting.sendings.standing.find_by(id: entry["sending"])&.take_back if entry["sending"]
    @sitting.class_tools.standing.find_by(id: entry["tool"])&.put_away if entry["tool"]
  end

  def light_out
    tell_wall(light: {})
    after_commit { Live::Light.new({}).tell(@sitting.lesson, @sitting, @during) }
  end

  private

  def closed
    @note = "The doors are shut, so no device was asked."
    {}
  end

  def tell_wall(**what)
    after_commit { @sitting.wall_feed.publish(cue: what) }
    {}
  end

  def after_commit(&) = ApplicationRecord.current_transaction.after_commit(&)
end
