module Usher
  module Formats
    module Film
      # What every browser plays: by container, the codecs of pictures and of sound.
      module Playing
        PLAYED = {
          "webm" => { "video" => %w[vp8 vp9 av1], "audio" => %w[opus vorbis] },
          "mp4" => { "video" => %w[h264 av1], "audio" => %w[aac mp3 flac opus] },
          "ogg" => { "video" => [], "audio" => %w[opus vorbis flac] },
          "mp3" => { "video" => [], "audio" => %w[mp3] },
          "wav" => { "video" => [], "audio" => %w[pcm_s16le pcm_u8] },
          "flac" => { "video" => [], "audio" => %w[flac] }
        }.freeze
        DOTS = %w[yuv420p yuvj420p].freeze
        KEPT = { "video" => %w[h264], "audio" => %w[aac mp3] }.freeze # in a copy
        PROGRESSIVE = [ nil, "progressive", "unknown" ].freeze

        module_function

        # container: as ffprobe calls it; streams: { "video" => its facts or nil, "audio" => ... }.
        def plays?(container, streams)
          codecs = PLAYED[container] or return false
          streams.all? { |kind, stream| stream.nil? || codecs[kind].include?(stream["codec_name"]) } && shown?(streams["video"])
        end

        # Which streams a copy takes over as they are: one that is only in the wrong container is as good as before.
        def kept(streams) = streams.filter_map { |kind, stream| kind if stream && KEPT[kind].include?(stream["codec_name"]) && (kind == "audio" || shown?(stream)) }

        def shown?(video) = video.nil? || DOTS.include?(video["pix_fmt"]) && PROGRESSIVE.include?(video["field_order"])

        # The container by its own name: ffprobe has one name for several. head: the file's first bytes.
        def container(names, brand, head)
          case names.to_s
          when /matroska/ then head.include?("\x42\x82\x84webm".b) ? "webm" : "matroska"
          when /mp4/ then brand.to_s.start_with?("qt") ? "mov" : "mp4"
          else names.to_s
          end
        end
      end
    end
  end
end
