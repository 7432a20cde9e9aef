# What is chosen on a page, as its sheet shows it: what all of it has in common, and which sections there are for it.
class Chosen
  include Enumerable

  # items: of the core, one or more.
  def initialize(items) = @items = items

  delegate :each, :size, :many?, to: :@items

  # The only one, or nil.
  def one = (first unless many?)

  def words = one ? one.label.truncate(60) : "#{size} things"

  # The value that all of them have, or nil.
  def same(name) = map(&name).uniq.then { |values| values.first if values.one? }

  def grouped? = any? { |item| item.groups.any? }

  # The kind of track that all of them are on; "free" where none is.
  def track = same(:track)&.fetch("kind") || ("free" if none?(&:track))

  def frame = one ? one.box : Usher::Geometry::Box.around(flat_map { |item| item.box.corners })

  # What can be done with all of it, in parts: { words => names of partials in board/chosen }. First what makes a
  # lesson of a page, then how it looks, then where it lies.
  def parts
    { "For the class" => for_the_class, "Look" => own("picture"), "Place" => %w[order line_up numbers keep] }.reject { |_, sections| sections.empty? }
  end

  def sections = parts.values.flatten

  private

  def for_the_class
    [ *own("cover", "area"), "pin", "track", *([ "link", "sound" ] if all? { |item| item.class.linked? }), *("handed" if all? { |item| item.class.handed? }), "audience" ]
  end

  def own(*kinds) = kinds & [ same_kind ]

  def same_kind = map { |item| item.class.kind }.uniq.then { |kinds| kinds.first if kinds.one? }
end
