# Parts of a page as pictures.
module Page::Capture
  DOTS = 2_000 # the longer side of a capture, at most
  SHARP = 2 # dots to a page unit

  # box: [x, y, width, height] in page units; showing: how the board shows the page. Answers with a Picture of
  # the lesson's teacher: what is to be seen there, with covers still on.
  def capture(box, showing = self.showing)
    raise Usher::Invalid, "That part is too small to capture." if box[2] < 4 || box[3] < 4
    raise Usher::Invalid, "That part is larger than Usher captures at once." if box[2] > 8_000 || box[3] > 8_000
    Picture.take_in_bytes(png(showing.document(view: box), box), teacher: lesson.teacher, name: "From “#{lesson.title}”, page #{number}")
  end

  # One item of the core alone, upright, as a Picture of the lesson's teacher.
  def capture_alone(item)
    upright, view, pictures = item.change("angle" => 0), [ item.x, item.y, item.width, item.height ], Picture.addresses
    drawn = Usher::Page::Drawing.item(Usher::Page::Placed.new(upright, 0), 0)
    document = Usher::Page::Drawing.document(style.merge("paper" => "plain"), [ drawn ], view: view) { |address| pictures[address] }
    Picture.take_in_bytes(png(document, view), teacher: lesson.teacher, name: "From “#{lesson.title}”, page #{number}")
  end

  # These items (rows) alone, on clear ground, as PNG.
  def picture_of(rows)
    around = Usher::Geometry::Box.around(rows.flat_map { |row| row.placed.item.box.corners })
    view, pictures = [ around.x - 8, around.y - 8, around.width + 16, around.height + 16 ], Picture.addresses
    png(Usher::Page::Drawing.document(style, rows.sort_by(&:z).map(&:svg), view: view, ground: false) { |address| pictures[address] }, view)
  end

  private

  def png(document, view)
    Usher::Formats::Png::Writer.write(document, width: [ view[2] * SHARP, DOTS, DOTS * view[2] / view[3] ].min.ceil)
  end
end
