# The log's door: a board sends what was done, in order; each is kept or refused by itself.
class Pages::OperationsController < Pages::BaseController
  MAX = 50
  LARGEST = 8.megabytes

  before_action :page # whose page it is comes before what was sent

  def create
    answer = perform_all(sent) # drawings can be long: written by the json library itself
    render json: JSON.generate({ **answer, can: steps })
  end

  private

  # Those before a refused one are kept; the browser hears which one was refused and why.
  def perform_all(sent)
    patches = []
    sent.each do |one|
      patch = page.perform(one["operation"], id: one["id"], by: teacher, **circumstances(one))
      patches << patch.for(showing.viewer).merge({ said: patch.note }.compact)
    rescue Usher::Invalid => error
      return { patches: patches, refused: { id: one["id"], error: error.message, clash: error.is_a?(Usher::Clash) } }
    end
    { patches: patches }
  end

  # Read from the body itself: Rails drops null from the arrays in `params`, and a point without
  # pressure has one.
  def sent
    body = request.raw_post
    raise Usher::Invalid, "That is more than #{LARGEST / 1.megabyte} MB at once." if body.bytesize > LARGEST
    list = JSON.parse(body, max_nesting: 20)
    list = list["operations"] if list.is_a?(Hash)
    return list if list.is_a?(Array) && list.size.between?(1, MAX) && list.all?(Hash)
    raise Usher::Invalid, "Send 1 to #{MAX} operations."
  rescue JSON::ParserError
    raise Usher::Invalid, "That did not arrive whole."
  end
end
