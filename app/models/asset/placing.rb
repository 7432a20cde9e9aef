# What comes onto a page when something is taken out of the store room, as the core's items.
module Asset::Placing
  LARGEST = [ 900, 640 ].freeze # page units

  # Attributes of items about the middle `at` ([x, y] in page units), with fresh ids, for a page of this lesson.
  def items_at(at, lesson:)
    return copies_at(at, lesson) if kind == "set"
    return [ picture.item_at(at) ] if kind == "picture"
    [ centred(*(kind == "sound" ? sound : kind == "video" ? video : opener), at) ]
  end

  private

  def sound = [ { "kind" => "sound", **played }, [ 420, 96 ] ]
  def video = [ { "kind" => "video", "picture" => picture_id, **played }, Picture.fitting(facts.fetch("width", 640), facts.fetch("height", 360)) ]
  def opener = [ { "kind" => "tile", "text" => name, "size" => 30, "link" => { "to" => "file", "asset" => id, "name" => name } }, [ 460, 90 ] ]

  def played = { "asset" => id, "title" => title, "seconds" => seconds }

  def centred(values, (width, height), at)
    { "id" => SecureRandom.alphanumeric(20), "x" => (at[0] - width / 2.0).round(2), "y" => (at[1] - height / 2.0).round(2), "width" => width, "height" => height, **values }
  end

  # A set's things, as they lay to one another.
  def copies_at(at, lesson)
    held = HeldItems.new(contents["items"], lesson_id: contents["lesson"], teacher: teacher)
    ids = Hash.new { |known, part| known[part] = SecureRandom.alphanumeric(20) }
    held.copies(lesson, by: at.zip(held.centre).map { |to, from| to - from }) { |part| ids[part] }
  end
end
