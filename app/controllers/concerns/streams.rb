# Sends a stored file piece by piece, or in the byte ranges a player asks for when it seeks; never more
# than a few megabytes of it are in memory.
module Streams
  extend ActiveSupport::Concern
  include ActiveStorage::Streaming

  MOST = 4.megabytes # of one answer to a range; a player asks for the rest

  private

  def stream(attached, disposition: :inline)
    response.headers["Accept-Ranges"] = "bytes"
    range = request.headers["Range"]
    range.present? ? send_blob_byte_range_data(attached.blob, bounded(range), disposition: disposition) : send_blob_stream(attached.blob, disposition: disposition)
  end

  # "bytes=100-" and longer ones end after MOST bytes; what is no single range is left to Rails.
  def bounded(range)
    from, to = range.match(/\Abytes=(\d+)-(\d*)\z/)&.captures
    from ? "bytes=#{from}-#{[ to.presence&.to_i || Float::INFINITY, from.to_i + MOST - 1 ].min}" : range
  end
end
