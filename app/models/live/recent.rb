# What was said of late, kept in the same strings over and over: a new string for each would outlive Ruby's small
# collections in a feed that is old itself, and only a large one would give it back (bench/follow, memory_mb).
class Live::Recent
  attr_reader :size

  # most: how many; bytes: how many at most together, but the last one is kept however long it is.
  def initialize(most:, bytes:)
    @most, @limit = most, bytes
    @slots = Array.new(most)
    @next = @size = @bytes = 0
  end

  def <<(words)
    forget if @size == @most
    slot(@next).clear << words
    @next += 1
    @size += 1
    @bytes += words.bytesize
    forget while @bytes > @limit && @size > 1
    self
  end

  # The last few, oldest first.
  def last(count) = (@next - count...@next).map { |number| slot(number).dup }

  private

  # The oldest.
  def forget
    oldest = slot(@next - @size)
    @bytes -= oldest.bytesize
    oldest.clear
    @size -= 1
  end

  def slot(number) = @slots[number % @most] ||= +""
end
