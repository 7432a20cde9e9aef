module BoardHelper
  # What the board's script is told when it starts.
  def board_data(lesson, page, mode)
    { lesson: lesson.id, page: page.id, mode: mode, pages: page_list(lesson), view: (lesson.place["view"] if lesson.place["page"] == page.id),
      mark: lesson.board_feed.mark, can: page.steps_open_to(teacher) }
  end

  def page_list(lesson) = lesson.pages.map { |page| page.slice(:id, :minutes, :paper) }

  # A tool's button; `name` is the tool's file in app/javascript/board/tools.
  def tool_button(name, words, picture, **options)
    tag.button(type: "button", class: "tool", "data-tool": name, "aria-label": words, title: options[:title],
      ":aria-pressed": options[:pressed] || "$store.board.tool === '#{name}'", "@click": options[:click] || "$store.board.choose('#{name}')") do
      safe_join([ icon(picture), tag.span(words) ])
    end
  end

  INKS = { "#231a1e" => "Black", "#9a3a61" => "Plum", "#1e6079" => "Blue", "#1d7758" => "Green", "#e0a83a" => "Yellow", "#b3411d" => "Red" }.freeze
  CARDS = { "#f7dfa6" => "Yellow", "#f5e3ea" => "Rose", "#d5e8ef" => "Blue", "#d9eee3" => "Green" }.freeze
  PAGE_COLOURS = { "#ffffff" => "White", "#fdfaf4" => "Linen", "#f7dfa6" => "Yellow", "#d5e8ef" => "Blue", "#22313a" => "Slate" }.freeze
  BREADTHS = { 3 => "Fine", 6 => "Middle", 12 => "Broad", 24 => "Very broad" }.freeze
end
