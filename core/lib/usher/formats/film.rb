require "json"
require "tempfile"

module Usher
  module Formats
    # Sounds and videos, through ffmpeg: what they are, single pictures out of them, and copies that
    # every browser plays. Playlists and everything else that names other files are not opened.
    module Film
      autoload :Facts, "usher/formats/film/facts"
      autoload :Playing, "usher/formats/film/playing"

      CONTAINERS = %w[matroska webm mov mp4 m4a 3gp 3g2 mj2 avi asf mpeg mpegts mpegvideo flv ogg wav mp3 flac aac aiff amr amrnb amrwb caf w64
                      dv mxf ac3 eac3 dts dtshd truehd mlp tta wv au voc rm ivf nut wtv m4v h264 hevc gxf swf oma ape mpc mpc8 tak smjpeg
                      nsv 4xm bink smk roq film_cpk thp xwma sox iff qcp g722 gsm rso shn svx ac4 av1 obu live_flv dsf rl2 vivo yuv4mpegpipe vc1].join(",").freeze
      SAFELY = [ "-format_whitelist", CONTAINERS, "-protocol_whitelist", "file,pipe" ].freeze
      BROKEN = "That file is broken or cut off: Usher could not read it to the end. Nothing was changed.".freeze
      NOTHING = "There is neither sound nor film in that file that Usher could play. Nothing was changed.".freeze
      UNSUPPORTED = "Usher cannot play that kind of sound or video (%s). Save it as MP4 or MP3, then bring it in again. Nothing was changed.".freeze
      ESTIMATED = %w[mp3 aac ac3 eac3 dts amr amrnb mpegvideo m4v h264 hevc mpeg mpegts au voc g722 gsm mlp truehd].freeze # that do not say how long they are
      BARE = %w[h264 hevc m4v mpegvideo vc1].freeze # pictures without times, in which nothing can be looked for
      TIMELESS = %w[swf].freeze # whose pictures get their times only as they are written anew
      SURE = 26 # of ffprobe's 100, from which a file of an unknown kind is taken for what it says
      SLACK = 0.3 # seconds that a whole file may say too much
      BEFORE = [ 0.5, 4, 60 ].freeze # seconds in which the picture on show is looked for
      FRAME = 0.02 # seconds after a moment that still count as it
      SIDE = 1_280 # dots, the longer side of a still and of a copy
      COPY_RATE = 1_200_000 # bits a second of a copy's picture, for a class on one network

      # What a browser recorded live does not say how long it is, nor does a bare stream, so that neither can be sought (see
      # mend).
      class Endless < Invalid
        attr_reader :format # as ffprobe calls it

        def initialize(format)
          @format = format
          super(BROKEN)
        end
      end

      module_function

      # Whether a file of a kind that its name and first bytes do not tell is a sound or a video.
      def known?(path)
        found = JSON.parse(Tool.run("ffprobe", "-v", "error", *SAFELY, "-of", "json", "-show_entries", "format=probe_score:stream=codec_type,codec_name", path, seconds: 20, soon: true))
        found.dig("format", "probe_score").to_i >= SURE && found.fetch("streams", []).any? { |stream| %w[video audio].include?(stream["codec_type"]) }
      rescue Tool::Failed
        false
      end

      # Facts about the file at this path; raises Invalid when it is neither sound nor video, or broken.
      def probe(path)
        found = JSON.parse(Tool.run("ffprobe", "-v", "error", *SAFELY, "-of", "json", "-show_format", "-show_streams", path, seconds: 20, soon: true))
        streams = streams(found.fetch("streams", []))
        format = found.fetch("format", {})
        seconds = seconds(path, format)
        raise Endless.new(format["format_name"].to_s) if !seconds.positive? || [ *BARE, *TIMELESS ].include?(format["format_name"])
        width, height = streams["video"] ? upright(streams["video"]) : [ 0, 0 ]
        container = Playing.container(format["format_name"], format.dig("tags", "major_brand"), File.binread(path, 200))
        Facts.new(seconds: seconds.round(2), width: width, height: height, rate: format["bit_rate"].to_i, plays: Playing.plays?(container, streams), sound: !streams["audio"].nil?, kept: Playing.kept(streams))
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # Writes the same again with its length, without changing sound or picture where that is possible. name: of its
      # format, as Endless says it.
      def mend(path, name, to:)
        return Tool.run("ffmpeg", "-v", "error", "-y", *SAFELY, "-i", path, "-c:v", "libx264", "-preset", "veryfast", "-pix_fmt", "yuv420p", "-c:a", "aac", "-f", "mp4", to, seconds: 600) if TIMELESS.include?(name)
        container = { "webm" => "webm", "mp4" => "mp4", **BARE.to_h { |bare| [ bare, "mp4" ] } }.find { |part, _| name.include?(part) }&.last || "matroska"
        Tool.run("ffmpeg", "-v", "error", "-y", *SAFELY, "-fflags", "+genpts", "-i", path, "-c", "copy", "-f", container, to, soon: true)
      rescue Tool::Failed
        raise Invalid, format(UNSUPPORTED, name[0, 40])
      end

      # Raises Invalid when the file ends before it says it does: its last seconds are played through.
      def check_end(path, facts)
        from = [ facts.seconds - 5, 0 ].max
        read = Tool.run("ffmpeg", "-v", "error", *SAFELY, "-ss", from, "-i", path, "-f", "null", "-progress", "pipe:1", "-", seconds: 30, soon: true)
        raise Invalid, BROKEN if facts.seconds - from - played(read) > SLACK
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # What is on show at this second, as JPEG bytes, at most SIDE dots wide or high: the latest picture until
      # then, however long it has stood, as at the end or in a recorded screen where little moves; the first
      # one before any.
      def still(path, at: 0)
        shown = BEFORE.lazy.filter_map { |span| picture(path, [ at - span, 0 ].max, [ at, span ].min + FRAME) }.first
        shown || picture(path, at, BEFORE.max, "-frames:v", 1) || picture(path, 0, BEFORE.max, "-frames:v", 1) or raise Invalid, "There is no picture at that moment."
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # Writes a copy that browsers play and that begins before it is all there: MP4 (H.264 and AAC) for
      # videos, M4A for sounds. Yields how far it is, 0 to 1.
      def copy(path, to:, facts:)
        Tool.follow("ffmpeg", "-v", "error", "-y", *SAFELY, "-fflags", "+genpts", "-i", path, "-threads", 2, *copied_picture(facts), *copied_sound(facts), "-movflags", "+faststart", "-map_metadata", -1, "-progress", "pipe:1", "-f", "mp4", to) do |line|
          done = line[/\Aout_time_us=(\d+)/, 1] and yield (done.to_f / 1_000_000 / facts.seconds).clamp(0, 1)
        end
      rescue Tool::Failed
        raise Invalid, BROKEN
      end

      # The sound in these bytes, small: AAC in an MP4 that browsers play.
      def squeeze(bytes)
        Tempfile.create([ "usher", ".m4a" ]) do |file|
          Tool.run("ffmpeg", "-v", "error", "-y", "-i", "pipe:0", "-c:a", "aac", "-b:a", "64k", "-movflags", "+faststart", "-f", "mp4", file.path, input: bytes, soon: true)
          File.binread(file.path)
        end
      end

      # The first of each kind. Raises Invalid where there is none, or none that ffmpeg decodes.
      def streams(all)
        found = { "video" => all.find { |stream| stream["codec_type"] == "video" && stream.dig("disposition", "attached_pic") != 1 }, "audio" => all.find { |stream| stream["codec_type"] == "audio" } }
        raise Invalid, NOTHING if found.values.none?
        unknown = found.values.compact.find { |stream| [ nil, "unknown", "none" ].include?(stream["codec_name"]) }
        raise Invalid, format(UNSUPPORTED, (unknown["codec_tag_string"] || "unknown").scrub("?")) if unknown
        found
      end

      # How long it is: as it says, or as it plays where it can only be guessed.
      def seconds(path, format)
        said = format["duration"].to_f
        return said unless format["format_name"].to_s.split(",").intersect?(ESTIMATED)
        plays = played(Tool.run("ffmpeg", "-v", "error", *SAFELY, "-i", path, "-c", "copy", "-f", "null", "-progress", "pipe:1", "-", seconds: 60))
        plays.positive? ? plays : said
      end

      # Seconds, from what ffmpeg says on its way.
      def played(progress) = progress.scan(/out_time_us=(\d+)/).flatten.last.to_f / 1_000_000

      def copied_picture(facts)
        return [ "-vn" ] unless facts.video?
        return [ "-c:v", "copy" ] if facts.keeps?("video") && !facts.heavy?
        [ "-c:v", "libx264", "-preset", "veryfast", "-crf", 26, "-maxrate", COPY_RATE, "-bufsize", COPY_RATE * 2, "-pix_fmt", "yuv420p", "-g", 48, "-vf", "yadif=deint=interlaced,#{within}" ]
      end

      def copied_sound(facts) = facts.keeps?("audio") ? [ "-c:a", "copy" ] : [ "-c:a", "aac", "-b:a", "96k", "-ac", 2 ]

      # The last picture in so many seconds from there on; nil when there is none.
      def picture(path, from, seconds, *only)
        Tempfile.create([ "usher", ".jpg" ]) do |file|
          Tool.run("ffmpeg", "-v", "error", "-y", *SAFELY, *([ "-ss", from.to_f.round(3) ] if from.positive?), "-t", seconds.to_f.round(3), "-i", path, *only, "-an", "-fps_mode", "passthrough", "-vf", within, "-q:v", 3, "-f", "image2", "-c:v", "mjpeg", "-pix_fmt", "yuvj420p", "-update", 1, file.path, seconds: 30, soon: true)
          File.binread(file.path).then { |bytes| bytes unless bytes.empty? }
        end
      end

      # At most so large, with dots as high as they are broad.
      def within = "scale='max(2,trunc(iw*sar/2)*2)':ih,setsar=1,scale='min(#{SIDE},iw)':'min(#{SIDE},ih)':force_original_aspect_ratio=decrease:force_divisible_by=2"

      # As it is shown: a phone films lying down and notes by how much to turn it, and dots may be broader than high.
      def upright(video)
        across, down = video["sample_aspect_ratio"].to_s.split(":").map(&:to_f)
        broad = across.to_f.positive? && down.to_f.positive? ? across / down : 1
        sides = [ (video["width"].to_i * broad).round, video["height"].to_i ]
        turned = video.fetch("side_data_list", []).filter_map { |data| data["rotation"] }.first.to_i
        (turned % 180).zero? ? sides : sides.reverse
      end
      private_class_method :streams, :seconds, :played, :copied_picture, :copied_sound, :picture, :within, :upright
    end
  end
end
