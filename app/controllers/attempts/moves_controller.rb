# One more move, as JSON: { id, move, ago }.
class Attempts::MovesController < ApplicationController
  include Plays

  LARGEST = 4_000 # bytes

  def create
    sent = read
    show_go(attempt, outcome: attempt.move(sent["move"], id: sent["id"], ago: sent["ago"]))
  end

  private

  def read
    attempt # whose it is comes before what was sent
    raise Usher::Invalid, "That move is too large." if request.raw_post.bytesize > LARGEST
    JSON.parse(request.raw_post, max_nesting: 6).then { |sent| sent.is_a?(Hash) ? sent : {} }
  rescue JSON::ParserError
    raise Usher::Invalid, "That move did not arrive whole. Try it again."
  end
end
