require "fileutils"
require "open3"

module Fidelity
  # Our own files, made by other programs (librsvg, LibreOffice, ffmpeg, libvips) when the bench begins: drawings, papers,
  # slides, films, sounds, photos.
  class Set
    DRAWINGS = {
      "styles" => "<style>.sea{fill:#1e6079}.sand{fill:#f7dfa6;stroke:#b3411d;stroke-width:4px}</style><rect class='sea' width='300' height='120'/><circle class='sand' cx='150' cy='120' r='60'/>",
      "switch" => "<switch><g requiredExtensions='x'><rect fill='red' width='300' height='200'/></g><g><rect fill='#1d7758' width='200' height='150'/></g></switch>",
      "pattern" => "<defs><pattern id='p' width='20' height='20' patternUnits='userSpaceOnUse'><rect width='10' height='10' fill='#b3411d'/><circle cx='15' cy='15' r='4' fill='#1e6079'/></pattern></defs><rect width='280' height='180' fill='url(#p)'/>",
      "mask" => "<defs><linearGradient id='g'><stop offset='0' stop-color='#fff'/><stop offset='1' stop-color='#000'/></linearGradient><mask id='m'><rect width='300' height='200' fill='url(#g)'/></mask></defs><rect width='300' height='200' fill='#1e6079' mask='url(#m)'/>",
      "filter" => "<filter id='f'><feColorMatrix type='matrix' values='0 0 0 0 .1 0 0 0 0 .4 0 0 0 0 .5 0 0 0 1 0'/></filter><g filter='url(#f)'><path d='M20 180 150 20 280 180Z' fill='#b3411d'/></g>",
      "symbols" => "<defs><symbol id='boat' viewBox='0 0 40 30'><path d='M2 20h36l-6 8H8zM20 2v16H6z' fill='#5a1b3a'/></symbol></defs><use href='#boat' width='120' height='90' x='10' y='10'/><use href='#boat' width='60' height='45' x='200' y='120'/>",
      "clip" => "<clipPath id='c'><circle cx='150' cy='100' r='80'/></clipPath><g clip-path='url(#c)'><rect width='300' height='100' fill='#1e6079'/><rect y='100' width='300' height='100' fill='#f7dfa6'/></g>",
      "markers" => "<marker id='a' markerWidth='8' markerHeight='8' refX='4' refY='4' orient='auto'><path d='M0 0 8 4 0 8z' fill='#b3411d'/></marker><polyline points='20,160 100,40 180,150 270,30' fill='none' stroke='#1e6079' stroke-width='4' marker-mid='url(#a)' marker-end='url(#a)'/>",
      "inherited" => "<g style='fill:#1d7758;stroke:#2b0d1c;stroke-width:3'><rect x='20' y='20' width='100' height='80'/><g style='fill:none'><circle cx='200' cy='100' r='60'/></g></g>",
      "current" => "<g color='#b3411d'><rect width='120' height='120' fill='currentColor'/><rect x='140' width='100' height='100' display='none'/><path d='M140 20h120v90z' fill='#1e6079' visibility='visible'/></g>"
    }.freeze
    FILMS = {
      "ts" => %w[-c:v mpeg2video -c:a mp2 -f mpegts], "m2ts" => %w[-c:v libx264 -pix_fmt yuv420p -c:a ac3 -mpegts_m2ts_mode 1 -f mpegts], "dv" => %w[-target pal-dv], "mxf" => %w[-c:v mpeg2video -c:a pcm_s16le],
      "mkv" => %w[-c:v libx264 -pix_fmt yuv420p -c:a aac], "mov" => %w[-c:v libx264 -pix_fmt yuv420p -c:a aac], "mp4" => %w[-vf setsar=16/11 -c:v libx264 -pix_fmt yuv420p -c:a aac], "webm" => %w[-c:v libvpx -c:a libvorbis],
      "avi" => %w[-c:v mpeg4 -c:a mp3], "swf" => %w[-c:v flv -c:a mp3 -ar 44100], "wmv" => %w[-c:v wmv2 -c:a wmav2], "flv" => %w[-c:v flv -c:a mp3 -ar 44100], "mpg" => %w[-target pal-vcd], "ogv" => %w[-c:v libtheora -c:a libvorbis],
      "ac3" => %w[-vn], "mp3" => %w[-vn -write_xing 0], "flac" => %w[-vn], "wav" => %w[-vn], "tta" => %w[-vn], "wv" => %w[-vn], "aiff" => %w[-vn], "opus" => %w[-vn -c:a libopus], "h264" => %w[-an -c:v libx264 -pix_fmt yuv420p]
    }.freeze
    SOURCE = %w[-f lavfi -i testsrc=size=320x240:rate=25:duration=2 -f lavfi -i sine=440:duration=2:sample_rate=48000].freeze
    WORDS = "At Gull Point the tide turns twice a day, and every boat at its rope turns with it.".freeze

    # folder: where they go.
    def initialize(folder) = @folder = folder

    def make
      FileUtils.mkdir_p(@folder)
      drawings
      slides
      films
      Forked.run { photos }
    end

    private

    def at(name) = File.join(@folder, name)
    def run(*command) = system(*command.map(&:to_s), out: File::NULL, err: File::NULL)

    # Each also as a page of a PDF.
    def drawings
      DRAWINGS.each do |name, inside|
        File.write(at("#{name}.svg"), %(<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200" viewBox="0 0 300 200">#{inside}</svg>))
        run("rsvg-convert", "-f", "pdf", "-o", at("#{name}.pdf"), at("#{name}.svg"))
      end
      %w[styles emf symbols wmf].each_slice(2) { |name, ending| Office.convert(at("#{name}.svg"), ending, @folder, as: name) }
    end

    # Written as flat OpenDocument, and from that made into both kinds and into a paper.
    def slides
      Decks::ALL.each do |name, body|
        File.write(at("#{name}.fodp"), Decks.flat(body))
        %w[odp pptx pdf].each { |ending| Office.convert(at("#{name}.fodp"), ending, @folder, as: "#{name}-#{ending}") }
        File.delete(at("#{name}.fodp"))
      end
    end

    def films = FILMS.each { |ending, options| run("ffmpeg", "-v", "error", "-y", *SOURCE, *options, at("film.#{ending}")) }

    # A photo, on its side and upright by its note.
    def photos
      image = Vips::Image.gaussnoise(400, 300, mean: 140, sigma: 30).gaussblur(4).cast(:uchar)
      image = image.bandjoin([ image.flip(:horizontal), image.flip(:vertical) ]).copy(interpretation: :srgb)
      (1..8).each { |turn| image.mutate { |one| one.set_type!(GObject::GINT_TYPE, "orientation", turn) }.jpegsave(at("photo-#{turn}.jpg")) }
      image.pngsave(at("photo.png"))
      image.webpsave(at("photo.webp"))
    end
  end
end
