# The voice, in the byte ranges a player asks for when it seeks.
class Takes::VoicesController < Takes::BaseController
  include ActiveStorage::Streaming

  def show
    return head(:not_found) unless take.voice.attached?
    response.headers["Accept-Ranges"] = "bytes"
    if request.headers["Range"].present?
      send_blob_byte_range_data take.voice.blob, request.headers["Range"]
    else
      send_data take.voice.download, type: take.voice.content_type, disposition: :inline
    end
  end
end
