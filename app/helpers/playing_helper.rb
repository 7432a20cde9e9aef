# What the partials of all kinds of activity share: faces, pieces, signs, and what is said.
module PlayingHelper
  SIGNS = { "right" => [ "✓", "right" ], "not" => [ "✗", "not yet" ], "partly" => [ "◐", "partly right" ] }.freeze
  ENDS = { "done" => "✓ Done.", "tries" => "The tries are used up.", "time" => "The time is over.", "finished" => "Handed in." }.freeze

  # The sign of a cell, with its word for those who do not see it.
  def sign(seen, cell)
    mark, word = SIGNS[seen.sign(cell)]
    tag.span(mark, class: "sign sign-#{seen.sign(cell)}", role: "img", "aria-label": word) if mark
  end

  # What a face shows. Pictures and sounds come from the go's own address, which tells nothing about what they are.
  def face(attempt, seen, name)
    face = seen.face(name) or return
    said = face.said || (face.text.presence if seen.rules.language.present?)
    width, height = attempt.edition.picture_sizes[face.picture]
    source = ->(part) { attempt_face_path(attempt, seen.name(name), part: part, solved: (true if seen.solved?)) }
    safe_join([ (tag.img(src: source["picture"], alt: face.alt, class: "face-picture", draggable: false, width: width, height: height) if face.picture), face_words(face.inline),
      (tag.span("", class: "face-sound", data: { sound: source["sound"] }, role: "img", "aria-label": "a sound") if face.sound),
      (tag.span("", class: [ "face-sound", ("face-said" unless face.said) ], data: { sound: source["said"] }, role: "img", "aria-label": "read aloud") if said) ].compact, " ")
  end

  # Words with their looks, formulas set.
  def face_words(inline)
    safe_join(inline.runs.map { |run| run.formula ? face_formula(run.text) : face_look(run) }) if inline.runs.any?
  end

  # A piece that is carried. cell: what its sign is about; quiet: it bears none.
  def piece(attempt, seen, name, cell: name, quiet: false)
    sign = seen.sign(cell) unless quiet
    tag.button(safe_join([ face(attempt, seen, name), (sign(seen, cell) if sign) ], " "), type: "button", id: "go-#{attempt.id}-#{name}", class: [ "piece", ("piece-#{sign}" if sign) ],
      data: { piece: name }, disabled: seen.fixed?(cell), "aria-pressed": "false")
  end

  # A control that makes a move. chosen: whether it stands.
  def move_button(attempt, move, content, chosen: nil, disabled: false, **options)
    tag.button(content, type: "button", id: "go-#{attempt.id}-#{move.except('chosen').values.join('-')}", disabled: disabled, "aria-pressed": chosen, data: { move: move.to_json }, **options)
  end

  # How much of it there is on the page.
  def proposal_size(proposal)
    count = proposal.text ? proposal.text.count("[") : proposal.rows.to_a.then { |rows| rows.one? ? rows.first.compact.size : rows.size }
    ", #{pluralize(count, proposal.text ? "gap" : "part")}" if count.positive?
  end

  # Of things that are asked for in turn, the one whose turn it is; nil when all have been.
  def asked_now(seen)
    seen.view["things"].find { |cell, at| seen.rules.live? ? !seen.fixed?(cell) : at.nil? }&.first unless seen.over?
  end

  # The parts of a sheet, how many of them can be reached, and the one that is in sight: the one in the address, else the
  # first in which something is left to be answered. Played one after the other, a part is reached once something was
  # tried in the one before it, so that nobody is stuck.
  def sheet_now(seen)
    parts = seen.kind.parts.each_index.map { |index| seen.part(index + 1) }
    free = seen.over? || seen.solved? || seen.view["way"] == "free"
    reached = free ? parts.size : [ (parts.rindex(&:tried?) || -1) + 2, parts.size ].min
    asked = params[:part].to_i
    now = asked.between?(1, reached) ? asked : (parts.first(reached).index { |part| !part.answered_all? } || 0) + 1
    [ parts, reached, parts[now - 1] ]
  end

  # The number of the part in sight, where it is a sheet.
  def part_now(seen) = (sheet_now(seen).last.number if seen.kind.is_a?(Usher::Activities::Kinds::Sheet))

  # What the last move brought, in a sentence.
  def player_word(seen, outcome)
    return if outcome.nil?
    return (outcome.all ? "✓ All of it is right." : "✗ Not all of it is right yet.") if outcome.all == false || outcome.all
    told_about(seen, outcome) if outcome.marked.any?
  end

  # What a go brought, when it may be said.
  def score_words(seen)
    score = seen.score
    words = "#{points(score.points)} of #{points(score.most)}"
    seen.rules.live? ? "#{words} at the first go" : "#{words} points"
  end

  def points(number) = number_with_precision(number, precision: 2, strip_insignificant_zeros: true)

  private

  def face_look(run)
    words = run.italic ? tag.em(run.text) : run.text
    run.bold ? tag.strong(words) : words
  end

  # One em is a thousand of its units.
  def face_formula(source)
    set = Usher::Formats::Maths.set(source)
    box = [ set.left, set.top, set.width, set.height ].map { |number| Usher::Markup.number(number) }.join(" ")
    tag.svg(drawing(set.drawing), class: "face-formula", viewBox: box, width: "#{(set.width / 1000).round(3)}em", height: "#{(set.height / 1000).round(3)}em", role: "img", "aria-label": source)
  end

  def told_about(seen, outcome)
    cell, right = outcome.marked.first
    what = seen.face(cell)&.words&.then { |words| "“#{words.truncate(40)}”" } || "That"
    return "✓ #{what} is right." if right
    outcome.back.include?(cell) ? "✗ #{what} does not belong there. It went back." : "✗ #{what} is not right yet."
  end
end
