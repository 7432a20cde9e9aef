# PDF.
module Asset::Readers::Paper
  module_function

  def reads?(type) = type == "application/pdf"

  def attributes(upload)
    reader = Usher::Formats::Pdf::Reader.new(upload.path)
    { kind: "pdf", picture: upload.likeness(reader.preview), facts: { "pages" => reader.count }, **upload.attached(upload.type) }
  end
end
