# The log's door: what was done comes in its order, a list of operations in the body.
module SentOperations
  extend ActiveSupport::Concern

  MAX = 50
  LARGEST = 8.megabytes
  LINE = Turns.new
  PATIENCE = 20 # seconds

  # One request after the other: Ruby computes for one thread at a time, so that several at once only make each other
  # late, and those in front of the database wait for ones that do not have their turn there yet (bench/siege).
  included { prepend_around_action :in_line }

  private

  def in_line
    LINE.enter(seconds: PATIENCE)
    yield
  ensure
    LINE.leave
  end

  # Yields each operation (a hash), which answers with its patch. Those before a refused one are kept; the browser hears
  # which one was refused and why.
  def each_sent
    patches = []
    sent.each do |one|
      patches << yield(one)
    rescue Usher::Invalid => error
      return { patches: patches, refused: { id: one["id"], error: error.message, clash: error.is_a?(Usher::Clash) } }
    end
    { patches: patches }
  end

  # What the person's buttons may offer after the last that was kept: after a step of their own that need not be asked.
  def steps_after(patch) = patch&.step? ? Page::History::AFTER_A_STEP : steps

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
