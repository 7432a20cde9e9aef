# Slides as pages of live things. What the speaker wrote, what could not be read, and that the show left the slide out, lies on
# a note in the page's wing, which no class sees.
class Import::Slides
  NOTE = { "kind" => "note", "id" => "notes", "width" => 460, "height" => 120, "size" => 26, "y" => 90 }.freeze
  ASIDE = 60 # page units between the page and the note
  LONGEST = 5_000 # characters of it

  def initialize(path, asset)
    @deck = Usher::Formats::Slides.open(path, asset.content_type)
    @belongings = Import::Belongings.new(@deck, asset)
  end

  # The slide with this number, as Lesson#add_page takes it, what was left out of it, a word for each, and what of it leads to
  # other slides, [[item, number], ...].
  def page(number)
    slide = @deck.slide(number)
    pictures = slide.pictures.to_h { |name, bytes| [ name, @belongings.picture(name, bytes) ] }.compact
    things, gone = slide.items.map { |item| [ item, thing(item, pictures) ] }.partition(&:last)
    left_out = slide.missing + gone.map(&:first).reject { |item| item["pinned"] == "all" }.map { |item| item["kind"] }
    style = style(slide, pictures)
    jumps = things.map(&:last).select { |item| jump?(item) }
    items = things.map { |_, item| jump?(item) ? item.except("link") : item }
    [ { style: style, items: [ *items, *note(slide, left_out, style) ] }, left_out, jumps.map { |item| [ item["id"], item["link"]["page"] ] } ]
  end

  private

  def jump?(item) = item.dig("link", "to") == "page"

  def style(slide, pictures)
    ground = { "colour" => slide.colour, **Usher::Page::Style.shaped(slide.width, slide.height) }
    paper = pictures[slide.backdrop]
    paper ? ground.merge("paper" => "picture", "measures" => { "picture" => paper, "fit" => "cover" }) : ground
  end

  # An item with what it shows or plays, or nil where that cannot be read.
  def thing(item, pictures)
    return played(item) if item["asset"]
    return item unless item["picture"]
    pictures[item["picture"]]&.then { |number| item.merge("picture" => number) }
  end

  # A film fills its box, a sound has a player of the usual size in the middle of it.
  def played(item)
    asset = @belongings.media(item["asset"]) or return
    middle = [ item["x"] + item["width"] / 2.0, item["y"] + item["height"] / 2.0 ]
    asset.items_at(middle, lesson: nil).first.merge(item.slice("id", "groups", "pinned", *(%w[x y width height angle] if asset.kind == "video")))
  end

  def note(slide, left_out, style)
    text = [ slide.notes.presence, ("The show this slide is from leaves it out." if slide.hidden), ("Not brought in from this slide: #{Import.counted(left_out.tally)}." if left_out.any?) ].compact.join("\n\n")
    text.empty? ? [] : [ NOTE.merge("text" => text.truncate(LONGEST), "x" => style["width"] + ASIDE) ]
  end
end
