module BoardHelper
  # What the board's script is told when it starts, with the facts of the core that it goes by.
  # sitting: the one that a board in Teach belongs to.
  def board_data(showing, mode, sitting: nil)
    page, layer = showing.page, showing.viewer.layer
    lesson = page.lesson
    { lesson: lesson.id, page: page.id, mode: mode, sitting: sitting&.id, lately: lesson.sitting&.id, pages: page_list(lesson),
      view: (lesson.place["view"] if lesson.place["page"] == page.id), mark: (sitting&.wall_feed || lesson.board_feed).mark,
      can: page.steps_open_to(teacher, layer), since: (sitting || lesson.sitting)&.layer&.changes_on(page).to_i, preferences: teacher.preferences, prompt: sitting&.prompt_now(page), eyes: sitting ? Live::Eyes.on?(sitting) : false,
      inks: INKS.keys, markers: MARKERS.keys, stroke_widths: STROKE_WIDTHS.keys, **core_facts }
  end

  # kinds: of every kind of item whether it is resized evenly, is pulled by its knots, and how large it is laid down.
  # looks: how a whole text looks. longest: letters that one text holds. margin: page units from the page's edge within which nothing is laid by itself.
  def core_facts
    registry = Usher::Items.registry
    { kinds: registry.to_h { |name, kind| [ name, { even: kind.even?, by_knots: kind.by_knots?, laid: kind.laid } ] },
      looks: Usher::Items::Written::LOOKS,
      insets: registry.select { |_, kind| kind < Usher::Items::Written }.to_h { |name, kind| [ name, kind.inset ] },
      longest: Usher::Items::Written::MAX, margin: Usher::Page::MARGIN, storyboard: Usher::Page::STORYBOARD }
  end

  def page_list(lesson) = lesson.pages.map { |page| { **page.slice(:id, :minutes, :paper, :measures, :colour, :width, :height), cues: page.cues.size } }

  # A rectangle as large as the page and so many page units more; the board's camera keeps it so.
  def page_edge(page, grow: 0, **look) = tag.rect(width: page.width + grow, height: page.height + grow, data: { grow: grow }, **look)

  # In the sheet of the chosen things: does an operation with all of them (see board/arranging/sheet.js).
  def chosen_verb(words, picture, pressed: nil, **operation)
    tag.button(safe_join([ (icon(picture) if picture), tag.span(words) ].compact), type: "button", data: { verb: operation.to_json }, "aria-pressed": pressed)
  end

  # In the sheet of the chosen things: sets this of each.
  def chosen_set(words, set, pressed: nil) = tag.button(words, type: "button", data: { set: set.to_json }, "aria-pressed": pressed)

  # The same for each of these values, one of which all of them may have.
  def chosen_options(label, name, values, chosen)
    now = chosen.same(name)
    tag.div(safe_join(values.map { |value, words| chosen_set(words, { name => value }, pressed: now == value) }), class: "options", role: "group", "aria-label": label)
  end

  # A number of the frame around what is chosen.
  def number_field_of(name, words, value, **limits)
    field = tag.input(class: "input", type: "number", step: "any", value: value && Usher::Markup.number(value), **limits, data: { number: name, kind: "number", key: name })
    tag.label(safe_join([ words, " ", field ]), class: "field")
  end

  # What a link opens, in words; says so when that is gone.
  def link_words(link, lesson) = LINK_WORDS.fetch(link["to"]).call(link, lesson)

  # A colour to choose. pressed, click: Alpine expressions.
  def swatch(colour, name, click:, pressed: nil)
    tag.button(dot(colour), type: "button", class: "swatch", "aria-label": name, title: name, ":aria-pressed": pressed, "@click": click)
  end

  def dot(colour)
    tag.svg(tag.circle(cx: 12, cy: 12, r: 11.5, fill: colour, stroke: (BoardHelper::PALE.include?(colour) ? "#d6c6aa" : colour)), viewBox: "0 0 24 24", "aria-hidden": true)
  end

  def dash_picture(dash)
    tag.svg(tag.line(x1: 6, x2: 34, y1: 12, y2: 12, stroke: "currentColor", "stroke-width": 3.2, "stroke-linecap": "round", "stroke-dasharray": Usher::Items::Dash.array(dash, 3.2)), viewBox: "0 0 40 24", "aria-hidden": true)
  end

  # A paper or a page layout, small.
  def paper_picture(name)
    paper_svg(Usher::Page::Papers.registry.fetch(name).new.draw("#ffffff", [ 800, 450 ]), [ 800, 450 ])
  end

  def layout_picture(name)
    items = Usher::Page::Layouts.registry.fetch(name).items { SecureRandom.alphanumeric(8) }
    paper_svg(items.map { |item| Usher::Items.build(item) }.map { |item| Usher::Markup.tag("g", { transform: Usher::Page::Drawing.transform(item) }, item.draw) }.join, Usher::Page::SIZE)
  end

  def paper_svg(body, size) = tag.svg(drawing(body), viewBox: "0 0 #{size.join(' ')}", "aria-hidden": true)

  # One measure of a paper as a field of a form.
  def measure_field(measure)
    usual = measure.default.to_s
    kind = { true => "flag", false => "flag" }.fetch(measure.default) { measure.default.is_a?(String) ? "word" : "number" }
    common = { name: measure.name, class: "input", data: { measure: "", kind: kind, usual: usual } }
    field = measure.choices ? tag.select(safe_join(measure.choices.map { |value, words| tag.option(words, value: value.to_s) }), **common) : tag.input(type: "number", step: "any", value: usual, **common)
    tag.label(safe_join([ measure.label, " ", field ]), class: "field")
  end

  NAMED = ->(link, _) { link["name"] }
  LINK_WORDS = {
    "speech" => ->(link, _) { "Read aloud in #{Usher::Speech::LANGUAGES.fetch(link["language"])}" },
    "address" => ->(link, _) { link["address"] }, "file" => NAMED, "sound" => NAMED, "video" => NAMED,
    "page" => ->(link, lesson) { lesson.pages.find { |page| page.id == link["page"] }&.then { |page| "Page #{page.number}" } || "A page that is not in this lesson any more" },
    "activity" => ->(link, lesson) { lesson.activities.find_by(id: link["activity"])&.title || "An activity that is gone" }
  }.freeze

  ALIGNS = { "left" => %w[Left align-start-vertical], "centre" => %w[Centre align-center-vertical], "right" => %w[Right align-end-vertical],
    "top" => %w[Top align-start-horizontal], "middle" => %w[Middle align-center-horizontal], "bottom" => %w[Bottom align-end-horizontal] }.freeze
  PALE = %w[#ffffff #fdfaf4 #f7dfa6 #f5e3ea #d5e8ef #d9eee3].freeze
  INKS = { "#231a1e" => "Black", "#9a3a61" => "Plum", "#1e6079" => "Blue", "#1d7758" => "Green", "#e0a83a" => "Yellow", "#b3411d" => "Red", "#ffffff" => "White" }.freeze
  FONTS = { "read" => "Reading", "title" => "Title", "hand" => "Writing", "plain" => "Plain", "slim" => "Slim", "narrow" => "Narrow", "broad" => "Broad", "book" => "Book", "print" => "Sturdy", "tome" => "Broad book", "fine" => "Fine book", "code" => "Code" }.freeze
  CARDS = { "#f7dfa6" => "Yellow", "#f5e3ea" => "Rose", "#d5e8ef" => "Blue", "#d9eee3" => "Green" }.freeze
  PAGE_COLOURS = { "#ffffff" => "White", "#fdfaf4" => "Linen", "#f7dfa6" => "Yellow", "#d5e8ef" => "Blue", "#22313a" => "Slate" }.freeze
  MARKERS = { "#e0a83a" => "Yellow", "#f06a9b" => "Pink", "#4fae6a" => "Green", "#3fa7cf" => "Blue", "#9a6bd1" => "Lilac", "#e8743b" => "Orange", "#ffffff" => "White" }.freeze
  ERASERS = { 8 => "Small", 20 => "Middle", 45 => "Large", 90 => "Very large" }.freeze
  SHAPES = { "rectangle" => [ "Rectangle", "square" ], "ellipse" => [ "Ellipse", "circle" ], "triangle" => [ "Triangle", "triangle" ], "right_triangle" => [ "Right angle", "triangle-right" ],
    "diamond" => [ "Diamond", "diamond" ], "polygon" => [ "Polygon", "hexagon" ], "star" => [ "Star", "star" ], "callout" => [ "Speech", "message-square" ],
    "line" => [ "Line", "minus" ], "arrow" => [ "Arrow", "move-up-right" ], "double_arrow" => [ "Both ends", "move-diagonal" ], "curve" => [ "Curve", "spline" ] }.freeze
  DASHES = { "solid" => "Solid", "dashed" => "Dashed", "dotted" => "Dotted" }.freeze
  KEYBOARDS = Usher::Preferences::LAYOUTS.to_h { |name| [ name, name.capitalize ] }.freeze
  STROKE_WIDTHS = { 3 => "Fine", 6 => "Middle", 12 => "Broad", 24 => "Very broad" }.freeze
end
