# Buttons that are made of a command's own file (see BoardCommand); board/commands.js brings them to life.
module CommandHelper
  # style: its class. words: instead of the command's own; label: read out instead of them. with: what the command is
  # given. fits: only to be seen where the command fits what is chosen. bare: the icon alone.
  def command_button(name, style: nil, words: nil, label: nil, title: nil, with: nil, fits: false, bare: false, **options, &block)
    command = BoardCommand.fetch(name)
    words ||= command.word
    title ||= bare ? [ words, ("(#{command.key.split(', ').first})" if command.key) ].compact.join(" ") : command.title
    content = block ? capture(&block) : safe_join([ (icon(command.icon) if command.icon), (tag.span(words) unless bare) ].compact)
    tag.button(content, type: "button", class: style, "x-command": name, title: title, "aria-label": label || (words if bare),
      data: { with: with&.to_json, fits: (name if fits) }, **options)
  end

  # The button of a tool. pressed, click: Alpine expressions, where it is not the tool alone that decides.
  def tool_button(name, style: "tool", pressed: "$store.board.tool === '#{name}'", click: "$store.board.choose('#{name}')", **said)
    tool = said[:word] ? nil : BoardCommand.fetch(name, "tools")
    tag.button(safe_join([ icon(said[:icon] || tool.icon), tag.span(said[:word] || tool.word) ]), type: "button", class: style,
      title: said[:title] || tool&.title, "aria-label": said[:word] || tool.word, data: { tool: name }, ":aria-pressed": pressed, "@click": click)
  end

  # In the sheet of the chosen things: runs a command (see board/arranging/sheet.js).
  def chosen_command(name, words = nil, with: nil, **options)
    command = BoardCommand.fetch(name)
    tag.button(safe_join([ (icon(command.icon) if command.icon && !with), tag.span(words || command.word) ].compact), type: "button",
      data: { runs: name, with: with&.to_json }, **options)
  end

  # Every key and what it does: [keys, words], tools first.
  def keys_and_words
    tools = BoardCommand.all("tools").values.select(&:key).sort_by(&:word).map { |tool| [ tool.key, [ tool.word, tool.title&.delete_suffix(" (#{tool.key})") ].uniq.compact.join(": ") ] }
    commands = BoardCommand.all.values.select(&:key).group_by { |command| [ command.key, command.where || command.mode ] }
    tools + SHAPE_KEYS + commands.map { |(key, where), (command)| [ key, [ ("In #{where.capitalize}:" if where), command.word ].compact.join(" ") ] }.sort_by(&:last) + HELD
  end

  SHAPE_KEYS = [ [ "R, O, L, W, C, S", "Rectangle, ellipse, line, arrow, curve, star" ] ].freeze
  # Of fields and hands, not of the board.
  HELD = [ [ "Ctrl C, Ctrl X, Ctrl V", "Copy, cut, paste" ], [ "Ctrl while dragging", "No snapping" ], [ "Space and drag", "Move the page" ],
    [ "Ctrl B, Ctrl I, Alt F10", "While typing: bold, italic, to the bar of looks" ] ].freeze
end
