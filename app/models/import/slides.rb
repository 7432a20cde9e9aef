# Slides as pages of live things. What the speaker wrote, and what could not be read, lies on a note in the
# page's wing, which no class sees.
class Import::Slides
  NOTE = { "kind" => "note", "id" => "notes", "width" => 460, "height" => 120, "size" => 26, "y" => 90 }.freeze
  ASIDE = 60 # page units between the page and the note
  LONGEST = 5_000 # characters of it

  def initialize(path, asset)
    @deck, @asset = Usher::Formats::Slides.open(path, asset.content_type), asset
  end

  # The slide with this number, as Lesson#add_page takes it, and what was left out of it: a word for each.
  def page(number)
    slide = @deck.slide(number)
    pictures = slide.pictures.to_h { |name, bytes| [ name, take_in(name, bytes) ] }.compact
    left_out = slide.missing + [ "picture" ] * slide.items.count { |item| item["picture"] && item["pinned"] != "all" && !pictures.key?(item["picture"]) }
    style = style(slide, pictures)
    [ { style: style, items: [ *things(slide, pictures), *note(slide.notes, left_out, style) ] }, left_out ]
  end

  private

  def style(slide, pictures)
    ground = { "colour" => slide.colour, **Usher::Page::Style.shaped(slide.width, slide.height) }
    paper = pictures[slide.backdrop]
    paper ? ground.merge("paper" => "picture", "measures" => { "picture" => paper, "fit" => "cover" }) : ground
  end

  # The number of its picture in the store room; nil when it is of a kind that browsers do not show.
  def take_in(name, bytes)
    picture = Picture.take_in_bytes(bytes, teacher: @asset.teacher, name: "#{@asset.name}, #{::File.basename(name)}", origin: "slides:#{@asset.id}:#{name}")
    PictureVersionsJob.perform_later(picture) if picture.previously_new_record?
    picture.id
  rescue Usher::Invalid
    nil
  end

  def things(slide, pictures)
    slide.items.filter_map do |item|
      next item unless item["picture"]
      item.merge("picture" => pictures[item["picture"]]) if pictures[item["picture"]]
    end
  end

  def note(notes, left_out, style)
    text = [ notes.presence, ("Not brought in from this slide: #{Import.counted(left_out.tally)}." if left_out.any?) ].compact.join("\n\n")
    text.empty? ? [] : [ NOTE.merge("text" => text.truncate(LONGEST), "x" => style["width"] + ASIDE) ]
  end
end
