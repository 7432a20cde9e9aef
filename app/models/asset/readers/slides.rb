# Presentations, whose slides come in as pages.
module Asset::Readers::Slides
  WIDTH = 640 # dots

  module_function

  def reads?(type) = Usher::Formats::Slides::READERS.key?(type)

  def attributes(upload)
    reader = Usher::Formats::Slides.open(upload.path, upload.type)
    { kind: "slides", picture: likeness(upload, reader), facts: { "pages" => reader.count }, **upload.attached(upload.type) }
  end

  # The first slide; none where it cannot be drawn.
  def likeness(upload, reader)
    upload.likeness(Usher::Formats::Slides::Sketch.new(reader.slide(1)).png(width: WIDTH))
  rescue Usher::Formats::Tool::Failed
    nil
  end
  private_class_method :likeness
end
