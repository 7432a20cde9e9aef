# A text that goes on over new pages behind this one.
class Page::Flow
  MARGIN = 80 # page units around it on the pages that follow

  # values: as Usher::Text::Flow takes them, and "colour", "x" and "y" (page units).
  def initialize(page, values)
    @page, @values = page, values
    @x, @y = %w[x y].zip(page.size).map { |name, size| Usher::Invalid.about("The place") { Usher::Types::Number.new(0..size).call(values[name]) } }
    flow = Usher::Text::Flow.new(values, width: [ page.width - @x - MARGIN, 240 ].max, heights: [ page.height - @y - MARGIN / 2, page.height - 1.5 * MARGIN ])
    @text, @parts = values["text"], flow.parts
    raise Usher::Invalid, "There is no text in this." if @parts.empty?
  end

  def pages = @parts.size
  def words = @text.split.size

  # The first part becomes a step on this page (Page::Log#perform), the others pages of their own. Answers with a Patch.
  def lay(id:, **step)
    @page.transaction do
      patch = @page.perform({ "verb" => "put", "items" => [ item(@parts.first, @x, @y).merge("id" => "flow-#{SecureRandom.hex(6)}") ] }, id: id, **step)
      next patch if patch.repeated?
      @parts.drop(1).inject(@page) { |before, part| @page.lesson.add_page(after: before, items: [ item(part, MARGIN, MARGIN).merge("id" => "flow-#{SecureRandom.hex(6)}") ]) }
      patch
    end
  end

  private

  def item(part, x, y)
    width = [ @page.width - @x - MARGIN, 240 ].max
    { "kind" => "text", "x" => x, "y" => y, "width" => width, "room" => width, "height" => 0, **@values.slice("size", "font", "colour"), **part }
  end
end
