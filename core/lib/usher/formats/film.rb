require "json"
require "tempfile"

module Usher
  module Formats
    # Sounds and videos, through ffmpeg: what they are, single pictures out of them, and copies that
    # every browser plays. Playlists and everything else that names other files are not opened.
    module Film
      CONTAINERS = "matroska,webm,mov,mp4,m4a,3gp,3g2,mj2,avi,asf,mpeg,mpegts,mpegvideo,flv,ogg,wav,mp3,flac,aac,aiff,amr,caf,w64".freeze
      SAFELY = [ "-format_whitelist", CONTAINERS, "-protocol_whitelist", "file,pipe" ].freeze
      BROKEN = "That file is broken or cut off: Usher could not read it to the end. Nothing was changed.".freeze
      SLACK = 0.3 # seconds that a whole file may say too much
      BEFORE = [ 0.5, 4, 60 ].freeze # seconds in which the picture on show is looked for
      FRAME = 0.02 # seconds after a moment that still count as it
      SIDE = 1_280 # dots, the longer side of a still and of a copy
      COPY_RATE = 1_200_000 # bits a second of a copy's picture, for a class on one network
      PLAYED = { "video" => %w[h264 vp8 vp9 av1], "audio" => %w[aac mp3 opus vorbis flac pcm_s16le] }.freeze

      # seconds; width and height in dots as it is shown (0 for a sound); rate in bits a second; plays: browsers
      # play it as it is.
      # What a browser recorded live does not say how long it is, so that it cannot be sought (see mend).
      class Endless < Invalid
      end

      Facts = Struct.new(:seconds, :width, :height, :rate, :plays, :sound, keyword_init: true) do
        def video? = width.positive?
        def heavy? = video? && (rate > COPY_RATE * 2 || [ width, height ].max > SIDE)
      end

      module_function

      # Facts about the file at this path; raises Invalid when it is neither sound nor video, or broken.
      def probe(path)
        found = JSON.parse(Tool.run("ffprobe", "-v", "error", *SAFELY, "-of", "json", "-show_format", "-show_streams", path, seconds: 20))
        streams = found.fetch("streams", []).group_by { |stream| stream["codec_type"] }
        video = streams.fetch("video", []).find { |stream| stream.dig("disposition", "attached_pic") != 1 }
        sound = streams["audio"]&.first
        seconds = found.dig("format", "duration").to_f
        raise Invalid, BROKEN unless video || sound
        raise Endless, BROKEN unless seconds.positive?
        width, height = video ? upright(video) : [ 0, 0 ]
        Facts.new(seconds: seconds.round(2), width: width, height: height, rate: found.dig("format", "bit_rate").to_i, plays: plays?(found.dig("format", "format_name"), video, sound), sound: !sound.nil?)
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # Writes the same again with its length, without changing sound or picture.
      def mend(path, to:)
        container = Tool.run("ffprobe", "-v", "error", *SAFELY, "-show_entries", "format=format_name", "-of", "csv=p=0", path, seconds: 20).include?("webm") ? "webm" : "mp4"
        Tool.run("ffmpeg", "-v", "error", "-y", *SAFELY, "-i", path, "-c", "copy", "-f", container, to)
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # Raises Invalid when the file ends before it says it does: its last seconds are played through.
      def check_end(path, facts)
        from = [ facts.seconds - 5, 0 ].max
        read = Tool.run("ffmpeg", "-v", "error", *SAFELY, "-ss", from, "-i", path, "-f", "null", "-progress", "pipe:1", "-", seconds: 30)
        raise Invalid, BROKEN if facts.seconds - from - read.scan(/out_time_us=(\d+)/).flatten.last.to_f / 1_000_000 > SLACK
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # What is on show at this second, as JPEG bytes, at most SIDE dots wide or high: the latest picture until
      # then, however long it has stood, as at the end or in a recorded screen where little moves; the first
      # one before any.
      def still(path, at: 0)
        shown = BEFORE.lazy.filter_map { |span| picture(path, [ at - span, 0 ].max, [ at, span ].min + FRAME) }.first
        shown || picture(path, at, BEFORE.max, "-frames:v", 1) or raise Invalid, "There is no picture at that moment."
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # Writes a copy that browsers play and that begins before it is all there: MP4 (H.264 and AAC) for
      # videos, M4A for sounds. Yields how far it is, 0 to 1.
      def copy(path, to:, facts:)
        picture = facts.video? ? [ "-c:v", "libx264", "-preset", "veryfast", "-crf", 26, "-maxrate", COPY_RATE, "-bufsize", COPY_RATE * 2, "-pix_fmt", "yuv420p", "-g", 48, "-vf", within ] : [ "-vn" ]
        Tool.follow("ffmpeg", "-v", "error", "-y", *SAFELY, "-i", path, "-threads", 2, *picture, "-c:a", "aac", "-b:a", "96k", "-movflags", "+faststart", "-map_metadata", -1, "-progress", "pipe:1", "-f", "mp4", to) do |line|
          done = line[/\Aout_time_us=(\d+)/, 1] and yield (done.to_f / 1_000_000 / facts.seconds).clamp(0, 1)
        end
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # The sound in these bytes, small: AAC in an MP4 that browsers play.
      def squeeze(bytes)
        Tempfile.create([ "usher", ".m4a" ]) do |file|
          Tool.run("ffmpeg", "-v", "error", "-y", "-i", "pipe:0", "-c:a", "aac", "-b:a", "64k", "-movflags", "+faststart", "-f", "mp4", file.path, input: bytes)
          File.binread(file.path)
        end
      end

      # The last picture in so many seconds from there on; nil when there is none.
      def picture(path, from, seconds, *only)
        Tempfile.create([ "usher", ".jpg" ]) do |file|
          Tool.run("ffmpeg", "-v", "error", "-y", *SAFELY, "-ss", from.to_f.round(3), "-t", seconds.to_f.round(3), "-i", path, *only, "-an", "-fps_mode", "passthrough", "-vf", within, "-q:v", 3, "-f", "image2", "-c:v", "mjpeg", "-update", 1, file.path, seconds: 30)
          File.binread(file.path).then { |bytes| bytes unless bytes.empty? }
        end
      end

      def within = "scale='min(#{SIDE},iw)':'min(#{SIDE},ih)':force_original_aspect_ratio=decrease:force_divisible_by=2"

      # A phone films lying down and notes by how much to turn it.
      def upright(video)
        sides = video.values_at("width", "height").map(&:to_i)
        turned = video.fetch("side_data_list", []).filter_map { |data| data["rotation"] }.first.to_i
        (turned % 180).zero? ? sides : sides.reverse
      end

      def plays?(container, video, sound)
        return false unless container.to_s.match?(/webm|mp4|mp3|ogg|wav|flac/)
        { "video" => video, "audio" => sound }.all? { |kind, stream| stream.nil? || PLAYED[kind].include?(stream["codec_name"]) } && (video.nil? || %w[yuv420p yuvj420p].include?(video["pix_fmt"]))
      end
      private_class_method :picture, :within, :upright, :plays?
    end
  end
end
