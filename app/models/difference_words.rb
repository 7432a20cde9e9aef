# What a class that comes again is told: where the lesson was changed in Prepare since it was here.
class DifferenceWords
  MOST = 6 # pages named by number

  def initialize(sitting)
    @sitting = sitting
  end

  def to_s
    numbers = @sitting.changed_since.ids.filter_map { |id| order[id] }.sort
    return "" if numbers.empty?
    named = numbers.first(MOST).join(", ")
    pages = numbers.one? ? "Page #{named} was" : "Pages #{named}#{" and #{numbers.size - MOST} more" if numbers.size > MOST} were"
    "#{pages} changed in Prepare since this class was here. What it wrote lies over it."
  end

  private

  def order = @order ||= @sitting.lesson.pages.ids.each_with_index.to_h { |id, index| [ id, index + 1 ] }
end
