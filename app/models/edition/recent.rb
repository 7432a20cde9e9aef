# What was worked out of editions of late: a crossword's layout or a grid of letters takes longer than the move that is
# made in it, and an edition never changes.
class Edition::Recent
  MOST = 400

  def initialize
    @lock = Mutex.new
    @known = {} # the longest unused first
  end

  # The block works it out where it is not known.
  def fetch(key)
    known = @lock.synchronize { @known.delete(key)&.tap { |value| @known[key] = value } }
    known || yield.tap { |value| @lock.synchronize { @known[key] = value; @known.shift while @known.size > MOST } }
  end
end
