# What is chosen on a page, as its sheet shows it: what all of it has in common, and which sections there are for it.
class Chosen
  include Enumerable

  BEFORE = %w[order].freeze
  AFTER = %w[line_up numbers].freeze

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

  # Names of partials in board/chosen: of the kind, where all are of one that has some, and what goes with it.
  def sections
    [ *BEFORE, *own("picture"), "pin", "track", *([ "link", "sound" ] if all? { |item| item.class.linked? }), "keep", "audience",
      *("handed" if all? { |item| item.class.handed? }), *own("cover", "area"), *AFTER ]
  end

  private

  def own(*kinds) = kinds & [ same_kind ]

  def same_kind = map { |item| item.class.kind }.uniq.then { |kinds| kinds.first if kinds.one? }
end
