# Presentations, whose slides come in as pages.
module Asset::Readers::Slides
  WIDTH = 640 # dots

  module_function

  def reads?(type) = Usher::Formats::Slides::READERS.key?(type)

  def attributes(upload)
    reader = Usher::Formats::Slides.open(upload.path, upload.type)
    { kind: "slides", picture: likeness(upload, reader), facts: { "pages" => reader.count }, **upload.attached(upload.type) }
  end

  # The picture that the file brings of itself, or else one of the first slide.
  def likeness(upload, reader)
    upload.likeness(reader.preview || raise(Usher::Invalid))
  rescue Usher::Invalid
    upload.likeness(Usher::Formats::Slides.sketch(reader.slide(1), width: WIDTH))
  end
  private_class_method :likeness
end
