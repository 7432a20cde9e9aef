# The pictures, films and sounds inside a presentation, as they lie in the store room: each comes once,
# however often its slides are brought in.
class Import::Belongings
  def initialize(deck, asset)
    @deck, @asset = deck, asset
  end

  # The number of a picture; nil when it is of a kind that browsers do not show.
  def picture(name, bytes)
    facts = { teacher: @asset.teacher, name: called(name), origin: "slides:#{@asset.id}:#{name}" }
    own = Usher::Formats::Slides::OWN.match?(name) && bytes.bytesize <= Usher::Formats::Svg::Reader::MAX_BYTES
    picture = own ? Picture.of_drawing(bytes, **facts) : Picture.take_in_bytes(bytes, **facts)
    PictureVersionsJob.perform_later(picture) if picture.previously_new_record?
    picture.id
  rescue Usher::Invalid
    nil
  end

  # The Asset of a film or a sound; nil when it cannot be read.
  def media(name)
    known = @asset.facts.dig("media", name)
    known && @asset.teacher.assets.find_by(id: known) || take_in(name)&.tap { |asset| @asset.update!(facts: @asset.facts.deep_merge("media" => { name => asset.id })) }
  end

  private

  def take_in(name)
    Tempfile.create("usher-media", binmode: true) do |file|
      next unless @deck.copy(name, file)
      file.rewind
      @asset.teacher.assets.take_in(ActionDispatch::Http::UploadedFile.new(tempfile: file, filename: called(name)), folder: @asset.folder, only: "Film")
    end
  rescue Usher::Invalid
    nil
  end

  def called(name) = "#{@asset.name}, #{File.basename(name)}"
end
