# Sends a stored file piece by piece, or in the byte ranges a player asks for when it seeks; never more
# than a small piece of it is in memory, and no thread that answers waits for who takes it (Doors::Outgoing).
module Streams
  MOST = 4.megabytes # of one answer to a range; a player asks for the rest
  PIECE = 64.kilobytes

  # Bytes of a stored file, read when they are sent.
  Slice = Struct.new(:blob, :range) do
    def bytesize = range.size

    def each
      return enum_for(:each) unless block_given?
      range.step(PIECE) { |from| yield blob.service.download_chunk(blob.key, from..[ from + PIECE - 1, range.end ].min) }
    end
  end

  private

  def stream(attached, disposition: :inline)
    blob = attached.blob
    raise ActiveRecord::RecordNotFound unless blob.service.exist?(blob.key)
    response.headers["Accept-Ranges"] = "bytes"
    wanted = Rack::Utils.get_byte_ranges(request.headers["Range"], blob.byte_size)
    return whole(blob, disposition) unless wanted&.one? || wanted&.empty?
    return beyond(blob) if wanted.empty?
    from = wanted.first.begin
    upto = [ wanted.first.end, from + MOST - 1 ].min
    response.headers["Content-Range"] = "bytes #{from}-#{upto}/#{blob.byte_size}"
    hand_out blob, from..upto, disposition, :partial_content
  end

  def whole(blob, disposition) = hand_out(blob, 0..blob.byte_size - 1, disposition, :ok)

  def beyond(blob)
    response.headers["Content-Range"] = "bytes */#{blob.byte_size}"
    head :range_not_satisfiable
  end

  def hand_out(blob, range, disposition, status)
    send_file_headers! type: blob.content_type_for_serving, disposition: blob.forced_disposition_for_serving || disposition, filename: blob.filename.sanitized
    response.headers["Content-Length"] = range.size.to_s
    self.status = status
    self.response_body = request.env[Doors::Outgoing::BODY] = Slice.new(blob, range)
  end
end
