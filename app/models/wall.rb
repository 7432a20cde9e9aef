# Things that a class has made, large: sorted, with a star, put together, one or two of them alone; by whom only where the
# teacher asks. The things are Walled, and say `key`, `maker` and `wall_words`.
class Wall
  MOST = 120 # at once

  attr_reader :sort, :large

  # sorts: { "came" => a block that says what is sorted by, or nil for the order of coming }, the first the usual one;
  # asked: parameters, as a form has them; nameless: whether nobody knows whose they are.
  def initialize(things, sorts:, asked:, nameless: false)
    @things, @sorts, @nameless = things, sorts, nameless
    @sort = sorts.key?(asked[:sort]) ? asked[:sort] : sorts.keys.first
    @named, @starred = !nameless && asked[:names] == "1", asked[:starred] == "1"
    @large = Array(asked[:large]).filter_map { |key| Integer(key, exception: false) }.first(2)
  end

  def named? = @named
  def nameless? = @nameless
  def starred? = @starred
  def sorts = @sorts.keys

  # All that are wanted, in their order; alike ones as they came.
  def things
    @shown ||= begin
      wanted = @things.select { |thing| !@starred || thing.starred }
      by = @sorts.fetch(@sort)
      (by ? wanted.each_with_index.sort_by { |thing, index| [ by.call(thing), index ] }.map(&:first) : wanted)
    end
  end

  def alone = things.select { |thing| @large.include?(thing.key) }
  def shown = things.first(MOST)

  # Those beside which this one may stand.
  def others(thing) = things.reject { |one| one.key == thing.key }.first(MOST)

  # The names under which things lie together, over all of them.
  def piles = @things.filter_map(&:pile).uniq.sort

  # { name, or nil for what lies alone => things }, by name.
  def piled = shown.group_by(&:pile).sort_by { |name, _| [ name ? 0 : 1, name.to_s ] }.to_h

  # A name for a pile that has none yet.
  def next_pile = (1..).lazy.map { |number| "Pile #{number}" }.find { |name| piles.exclude?(name) }

  # What was chosen, for the next request.
  def chosen = { names: ("1" if named?), sort: @sort, starred: ("1" if starred?) }.compact

  # One of them in a line.
  def line(thing) = [ (thing.maker if named?), thing.wall_words.truncate(40) ].compact.join(": ")
end
