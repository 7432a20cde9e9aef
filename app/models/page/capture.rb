# Parts of a page as pictures.
module Page::Capture
  DOTS = 2_000 # the longer side of a capture, at most
  SHARP = 2 # dots to a page unit

  # box: [x, y, width, height] in page units. Answers with a Picture of the lesson's teacher: what the board
  # shows there, with covers still on.
  def capture(box)
    raise Usher::Invalid, "That part is too small to capture." if box[2] < 4 || box[3] < 4
    raise Usher::Invalid, "That part is larger than Usher captures at once." if box[2] > 8_000 || box[3] > 8_000
    Picture.take_in_bytes(drawn(drawings, box, ground: true), teacher: lesson.teacher, name: "From “#{lesson.title}”, page #{number}")
  end

  # These items (rows) alone, on clear ground, as PNG.
  def picture_of(rows)
    around = Usher::Geometry::Box.around(rows.flat_map { |row| row.placed.item.box.corners })
    drawn(rows.sort_by(&:z).map(&:svg), [ around.x - 8, around.y - 8, around.width + 16, around.height + 16 ], ground: false)
  end

  private

  def drawn(svgs, view, ground:)
    pictures = Picture.addresses
    document = Usher::Page::Drawing.document(style, svgs, view: view, ground: ground) { |address| pictures[address] }
    Usher::Formats::Png::Writer.write(document, width: [ view[2] * SHARP, DOTS, DOTS * view[2] / view[3] ].min.ceil)
  end
end
