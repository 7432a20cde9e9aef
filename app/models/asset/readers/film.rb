# Sounds and videos, in whatever ffmpeg opens.
module Asset::Readers::Film
  Film = Usher::Formats::Film
  TYPES = %r{\A(audio|video)/|\Aapplication/(ogg|x-matroska|mp4|vnd.rn-realmedia)\z}
  USUAL = %r{\A(audio|video)/(mp4|webm|mpeg|ogg|wav|flac)\z} # what browsers call them
  POSTER = 3 # seconds, the latest moment of a video that stands for it

  module_function

  def reads?(type) = type.match?(TYPES)

  # Of a kind that its first bytes do not tell.
  def knows?(upload) = Film.known?(upload.path)

  def attributes(upload)
    upload, facts = measured(upload)
    Film.check_end(upload.path, facts)
    poster = facts.video? ? upload.likeness(Film.still(upload.path, at: [ facts.seconds * 0.1, POSTER ].min)) : nil
    { kind: facts.video? ? "video" : "sound", picture: poster, facts: facts.to_h.stringify_keys, **upload.attached(playing_type(upload.type, facts)) }
  end

  # What was recorded in a browser gets its length first.
  def measured(upload)
    [ upload, Film.probe(upload.path) ]
  rescue Film::Endless => endless
    mended = Tempfile.new("usher-mended", binmode: true)
    Film.mend(upload.path, endless.format, to: mended.path)
    [ upload.with(mended), Film.probe(mended.path) ]
  end

  # What browsers call it; what they do not play is sent as a copy.
  def playing_type(type, facts)
    return type if type.match?(USUAL) && type.start_with?(facts.video? ? "video" : "audio")
    return "#{facts.video? ? 'video' : 'audio'}/webm" if facts.plays && type.include?("matroska")
    facts.plays && type.match?(/quicktime|mp4|m4v|f4v/) ? "video/mp4" : type
  end
  private_class_method :measured, :playing_type
end
