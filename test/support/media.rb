require_relative "../../core/test/support/decks"

# Sounds, videos and papers for tests, made once a process by the same programs that read them.
module Media
  module_function

  def made(name)
    (@made ||= {})[name] ||= Tempfile.create([ "usher", ".#{name}" ]).tap { |file| file.close && File.delete(file.path) }.path.tap { |path| yield path; at_exit { FileUtils.rm_f(path) } }.then { |path| File.binread(path) }
  end

  def mp4(seconds: 3) = made("#{seconds}.mp4") { |path| ffmpeg("testsrc=size=320x180:rate=10:duration=#{seconds}", "sine=440:duration=#{seconds}", path, "-c:v", "libx264", "-pix_fmt", "yuv420p", "-c:a", "aac", "-movflags", "+faststart") }
  def avi = made("avi") { |path| ffmpeg("testsrc=size=320x180:rate=10:duration=2", nil, path, "-c:v", "mpeg4") }
  def wav = made("wav") { |path| ffmpeg(nil, "sine=440:duration=2", path) }

  # A PDF of so many pages, lying or upright A4, each saying which it is.
  def pdf(pages: 3, upright: false)
    width, height = upright ? [ 1131, 1600 ] : [ 1600, 1131 ]
    made("#{pages}-#{width}.pdf") do |path|
      documents = Array.new(pages) { |index| %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 #{width} #{height}" width="#{width}" height="#{height}" font-family="#{Usher::Text::Faces.family('read')}"><rect width="#{width}" height="#{height}" fill="#fff"/><text x="60" y="120" font-size="60">Tide table #{index + 1}</text><text x="60" y="180" font-size="40">Low water comes at noon</text></svg>) }
      File.binwrite(path, Usher::Formats::Pdf::Writer.write(documents))
    end
  end

  def locked_pdf
    made("locked.pdf") { |path| File.binwrite(path, lock(pdf)) }
  end

  # The standard security handler (ISO 32000-1, 7.6.3) is what qpdf writes; without it at hand, a trailer
  # that asks for a password nobody has says the same to a reader.
  def lock(bytes)
    key = "/Encrypt << /Filter /Standard /V 1 /R 2 /P -4 /O (#{'o' * 32}) /U (#{'u' * 32}) >> /ID [<00112233445566778899aabbccddeeff> <00112233445566778899aabbccddeeff>] "
    bytes.sub(%r{/Root \d+ \d+ R}) { |root| "#{root} #{key}" }
  end

  def ffmpeg(picture, sound, path, *options)
    inputs = [ picture, sound ].compact.flat_map { |source| [ "-f", "lavfi", "-i", source ] }
    system("ffmpeg", "-v", "error", "-y", *inputs, *options, path, exception: true)
  end
end
