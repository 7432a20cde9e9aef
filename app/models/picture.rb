# A picture that can be drawn: cleaned when it arrives (see Intake), then never changed.
class Picture < ApplicationRecord
  include Versions, Clearing, Covered

  LOST = "data:image/svg+xml;base64," + [ <<~SVG ].pack("m0")
    <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 30" width="40" height="30" preserveAspectRatio="none">
      <rect width="40" height="30" fill="#{Usher::Colour::LINEN}"/><path d="M14 10 26 20M26 10 14 20" stroke="#{Usher::Colour::INK}" stroke-width="1.5" stroke-linecap="round"/></svg>
  SVG
  LARGEST = [ 900, 640 ].freeze # page units, when it comes onto a page
  CAMERA_MADE = /\A(img|dsc[nf]?|pict?|photo|image|screen ?shot|pxl|file|scan|\d)[-_ ]?[\d _.-]*\z/i

  attribute :lines, PlainJson.new
  attr_accessor :dropped # what was left out of a drawing when it came, in words

  belongs_to :teacher
  has_many :assets, dependent: :restrict_with_exception
  has_many :handed_files, dependent: :delete_all
  has_one_attached :file

  def self.take_in(upload)
    Intake.new(upload).picture_attributes.then { |attributes| create!(attributes) }
  end

  # The same from bytes. origin: where it was taken from; a teacher has one of each.
  def self.take_in_bytes(bytes, teacher:, name:, origin: nil, **more)
    once(teacher, origin) { teacher.pictures.create!(**Intake.new(StringIO.new(bytes)).picture_attributes, name: name.truncate(120), origin: origin, **more) }
  end

  # A page of a PDF (Usher::Formats::Pdf::Reader::Sheet), which the core has made harmless already.
  def self.of_sheet(sheet, teacher:, name:, origin:)
    once(teacher, origin) do
      teacher.pictures.create!(name: name.truncate(120), content_type: sheet.type, width: sheet.width, height: sheet.height, origin: origin, lines: sheet.lines,
        file: { io: StringIO.new(sheet.content), filename: "page", content_type: sheet.type, identify: false })
    end
  end

  # A drawing that the core made itself: cleaned like any other, but not compared with what it was.
  def self.of_drawing(svg, teacher:, name:, origin:)
    once(teacher, origin) do
      clean = Usher::Formats::Svg::Reader.read(svg)
      teacher.pictures.create!(name: name.truncate(120), content_type: "image/svg+xml", width: clean.width, height: clean.height, origin: origin,
        file: { io: StringIO.new(clean.svg), filename: "picture", content_type: "image/svg+xml", identify: false })
    end
  end

  # The teacher's picture from there; the block makes it where there is none, perhaps while somebody else does.
  def self.once(teacher, origin)
    origin && teacher.pictures.find_by(origin: origin) || yield
  rescue ActiveRecord::RecordNotUnique
    teacher.pictures.find_by!(origin: origin)
  end
  private_class_method :once

  # Pictures for a drawing that can fetch nothing, each read once: { "/pictures/7" => "data:..." }. One whose file is lost
  # leaves a mark in its place, and the rest is drawn.
  def self.addresses
    Hash.new do |known, address|
      number, parts = Usher::Veil.read(address)
      known[address] = find(number).data_address(parts)
    rescue ActiveStorage::FileNotFoundError
      known[address] = LOST
    end
  end

  # A size in page units for something of this size, so that it is well seen and fits on a page.
  def self.fitting(width, height, most: LARGEST)
    scale = most.zip([ width, height ]).map { |room, side| room / side.to_f }.min
    scale = [ scale, 1 ].min if [ width, height ].max > 300
    [ width, height ].map { |side| (side * scale).round(2) }
  end

  # A sentence about what was left out of it; nil where nothing was.
  def left_out = dropped.presence && "Left out of that drawing, for safety: #{dropped.to_sentence}."

  # Whether it is a page of a PDF.
  def sheet? = lines.present? || origin.to_s.start_with?("pdf:")

  # The bytes as an address, for drawings that can fetch nothing. parts: what is left blank (Usher::Veil).
  def data_address(parts = [])
    type, bytes = parts.empty? ? [ content_type, file.download ] : [ covered_type, covered(parts) ]
    "data:#{type};base64,#{Base64.strict_encode64(bytes)}"
  end

  # Attributes of an item of the core that shows it about the middle `at`.
  def item_at(at, alt: spoken_name)
    width, height = self.class.fitting(self.width, self.height, most: [ self.width, self.height ].max > 300 ? LARGEST : [ 320, 320 ])
    { "kind" => "picture", "id" => SecureRandom.alphanumeric(20), "picture" => id, "alt" => alt, "x" => (at[0] - width / 2).round(2), "y" => (at[1] - height / 2).round(2), "width" => width, "height" => height }
  end

  # Its name, where that says anything to somebody who cannot see it: cameras number theirs.
  def spoken_name = name.sub(/\.\w{1,5}\z/, "").then { |words| words.match?(CAMERA_MADE) ? "" : words }

  # What it says, where it is a page of a PDF.
  def words = Array(lines).map(&:last).join("\n")
end
