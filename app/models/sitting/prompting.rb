# What "Next" does in a lesson that is held: the cues of the page one after the other, then the next page. Which were
# run is kept with the sitting, so that every board, phone and machine goes on where the lesson is:
#
#   cued: [{ "key" => the client's id, "page" => 7, "cue" => "c1", "op" => the operation's client id, ... }, ...]
module Sitting::Prompting
  # The cues of a page (of the one it stands at) as they stand here.
  def prompt(shown = page) = shown.prompt(layer, run: cued.select { |entry| entry["page"] == shown.id }.map { |entry| entry["cue"] })

  # Runs a cue of its page, or the next one; where none is left it turns the page. key: the client's own id for it; the
  # same again changes nothing. Answers with a sentence the teacher must know, or nil. Raises Usher::Invalid.
  def cue(by:, key:, id: nil, during: {})
    Usher::Invalid.about("The id of this cue") { Usher::Types::Id.new.call(key) }
    with_lock do
      next if cued.any? { |entry| entry["key"] == key }
      stands = prompt
      cue = id ? stands.find(id) : stands.next
      next turn_on(by, during) unless cue || id
      raise Usher::Invalid, "That cue cannot be run: what it is about is gone." if cue.nil? || stands.broken?(cue)
      run(cue, stands.thing(cue), by: by, key: key, during: during)
    end.tap { tell_prompt }
  end

  # Takes the last cue of its page back; where none was run it turns back a page.
  def cue_back(by:, during: {})
    with_lock do
      last = cued.reverse.find { |entry| entry["page"] == page_id } or next turn_on(by, during, -1)
      update!(cued: cued - [ last ])
      undo_cue(last, by, during)
      nil
    end.tap { tell_prompt }
  end

  # What boards and the teacher's own view show of it.
  def prompt_now(shown = page)
    stands = prompt(shown)
    upcoming = stands.next
    { page: shown.id, next: upcoming && { id: upcoming.id, words: stands.words(upcoming) },
      cues: stands.cues.map { |cue| { id: cue.id, words: stands.words(cue), run: stands.run?(cue), broken: stands.broken?(cue) } } }
  end

  def tell_prompt = ApplicationRecord.current_transaction.after_commit { wall_feed.publish(prompt: prompt_now) }

  private

  def run(cue, thing, by:, key:, during:)
    put_out_light
    entry = { "key" => key, "page" => page_id, "cue" => cue.id }
    if (operation = cue.operation)
      page.perform(operation, id: key, by: by, layer: layer, during: during)
      entry["op"] = key
    end
    effect = Sitting::Effects.new(self, by, during)
    cue.asks(thing).each { |what, values| entry.merge!(effect.public_send(what, values)) }
    update!(cued: (cued + [ entry ]).last(5_000))
    effect.note
  end

  def undo_cue(entry, by, during)
    step = entry["op"] && page.operations.find_by(client_id: entry["op"])
    page.take_back(step, by: by, during: during) if step
    Sitting::Effects.new(self, by, during).take_back(entry)
  end

  def turn_on(by, during, step = 1)
    put_out_light
    pages = lesson.pages.to_a
    other = pages[pages.index(page).to_i + step] if step.positive? || pages.index(page).to_i.positive?
    return step.positive? ? "That was the last page." : "This is the first page." unless other
    other.perform({ "verb" => "turn" }, id: SecureRandom.alphanumeric(20), by: by, layer: layer, during: during)
    reload
    nil
  end

  # A light that a cue shone goes out with the next step.
  def put_out_light
    Sitting::Effects.new(self, lesson.teacher, {}).light_out if cued.last&.key?("light") && Live::Light.now(self)
  end
end
