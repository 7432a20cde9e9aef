require "zip"

module Demo
  # A presentation as somebody brings it along: OpenDocument, put together from db/demo/slides.
  module HarbourSlides
    TYPE = "application/vnd.oasis.opendocument.presentation".freeze
    PARTS = { "content.xml" => "slides/content.xml", "styles.xml" => "slides/styles.xml", "META-INF/manifest.xml" => "slides/manifest.xml", "Pictures/lighthouse.svg" => "pictures/lighthouse.svg" }.freeze

    module_function

    def load(teacher) = HarbourFilm.bring(teacher, "Crossing the causeway.odp", bytes)

    # Its type comes first and unpacked, as the standard has it.
    def bytes
      Zip::OutputStream.write_buffer do |zip|
        zip.put_next_entry("mimetype", nil, nil, Zip::Entry::STORED)
        zip.write(TYPE)
        PARTS.each do |name, file|
          zip.put_next_entry(name)
          zip.write(File.binread(File.join(__dir__, file)))
        end
      end.string
    end
  end
end
