# What a device missed, told as things are now: it gets the numbers of all that was said, and of what was drawn only
# what it may still see. What was covered, put into the wings or left behind with its page since then is not said again.
class Live::Replay
  # frames: of a feed, in their order; showing: the page as the device sees it (Page::Showing), nil where there is none.
  def initialize(frames, showing)
    @messages, @showing = frames.map { |frame| JSON.parse(frame) }, showing
  end

  def to_json(*) = @messages.map { |message| retold(message) }.to_json

  private

  def retold(message)
    return message.except("wet") unless message["patch"]
    patch = message["patch"]
    return message.except("patch") unless @showing&.page&.id == patch["page"]
    put, away = patch["put"].map { |row| row["id"] }.partition { |key| drawings.key?(key) }
    message.merge("patch" => { **patch, "put" => put.map { |key| drawings[key] }, "gone" => patch["gone"] + away, **ground(patch) })
  end

  def ground(patch) = patch.key?("ground") ? { "ground" => @showing.ground } : {}

  def drawings
    @drawings ||= @showing.items.where(key: touched).pluck(:key, :z, Item::VEILED).to_h { |key, z, svg| [ key, { "id" => key, "z" => z, "svg" => svg } ] }
  end

  def touched = @messages.flat_map { |message| message.dig("patch", "put").to_a.map { |row| row["id"] } }.uniq
end
