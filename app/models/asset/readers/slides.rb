# Presentations, whose slides come in as pages.
module Asset::Readers::Slides
  module_function

  def reads?(type) = Usher::Formats::Slides::READERS.key?(type)

  def attributes(upload)
    reader = Usher::Formats::Slides.open(upload.path, upload.type)
    { kind: "slides", picture: likeness(upload, reader.preview), facts: { "pages" => reader.count }, **upload.attached(upload.type) }
  end

  # The picture that the file brings of itself, where it has a good one.
  def likeness(upload, bytes)
    upload.likeness(bytes) if bytes
  rescue Usher::Invalid
    nil
  end
  private_class_method :likeness
end
