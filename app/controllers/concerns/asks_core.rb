# Doors through which the board asks the core while something is being typed or filled in. The body
# is JSON of limited size, read from the body itself; nothing is kept.
module AsksCore
  extend ActiveSupport::Concern

  LARGEST = 700.kilobytes

  included { for_teachers }

  private

  def asked
    body = request.raw_post
    raise Usher::Invalid, "That is more than Usher takes at once." if body.bytesize > LARGEST
    JSON.parse(body, max_nesting: 20).then { |value| value.is_a?(Hash) ? value : raise(Usher::Invalid, "That did not arrive whole.") }
  rescue JSON::ParserError
    raise Usher::Invalid, "That did not arrive whole."
  end
end
