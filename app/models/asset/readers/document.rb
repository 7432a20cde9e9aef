# Text and office documents, which are handed on as they are.
module Asset::Readers::Document
  OFFICE = %w[application/vnd.openxmlformats-officedocument.wordprocessingml.document application/vnd.openxmlformats-officedocument.spreadsheetml.sheet
              application/vnd.oasis.opendocument.text application/vnd.oasis.opendocument.spreadsheet].freeze
  TEXT = %w[text/plain text/csv].freeze

  module_function

  def reads?(type) = OFFICE.include?(type) || TEXT.include?(type)

  def attributes(upload)
    Usher::Formats::Zip.check(upload.path) if OFFICE.include?(upload.type) # they are archives
    { kind: "file", **upload.attached(upload.type) }
  end
end
