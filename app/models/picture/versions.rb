# Smaller versions of a photo, for lists and for students' devices, made in the background.
module Picture::Versions
  extend ActiveSupport::Concern

  SIDES = { "small" => 360, "medium" => 1_280 }.freeze # dots, the longer side

  included do
    SIDES.each_key { |name| has_one_attached name.to_sym }
  end

  def photo? = content_type != "image/svg+xml"

  def make_versions
    return unless photo?
    SIDES.each do |name, side|
      next if [ width, height ].max <= side * 1.2 || public_send(name).attached?
      bytes = Forked.run { smaller(side) }
      public_send(name).attach(io: StringIO.new(bytes), filename: name, content_type: content_type, identify: false)
    end
  end

  # Bytes, with the longer side of so many dots.
  def smaller(side)
    image = Vips::Image.thumbnail_buffer(file.download, side, height: side, size: :down)
    image.has_alpha? ? image.pngsave_buffer(strip: true) : image.jpegsave_buffer(Q: 82, strip: true)
  end

  # The file of this version ("small", "medium"), or the whole one where there is none.
  def version(name) = SIDES.key?(name) && public_send(name).attached? ? public_send(name) : file
end
