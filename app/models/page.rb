class Page < ApplicationRecord
  include Binnable, Log, History, Reset, Copying, Thumbnail, Capture, Words

  belongs_to :lesson
  belongs_to :picture, optional: true # the paper's
  has_many :items, -> { order(:z, :key) }, inverse_of: :page, dependent: :delete_all
  has_many :operations, dependent: :delete_all
  has_many :sittings, dependent: :restrict_with_exception
  has_many :takes, dependent: :restrict_with_exception

  # Puts these on a page that is being made: what it starts with, not a step to take back.
  def lay(items)
    placed = items.each_with_index.map { |item, index| Usher::Page::Placed.new(Usher::Items.build(item), index + 1) }
    insert(placed)
  end

  # Puts these (Usher::Page::Placed) on a page that has nothing yet.
  def insert(placed)
    return if placed.empty?
    Item.insert_all!(placed.map { |one| Item.row(one, page: self) })
    index_words
  end

  # What the core calls the page's style.
  def style = slice(*Usher::Page::Style::DEFAULTS.keys)

  # [width, height] in page units.
  def size = [ width, height ]

  # The style of a new page behind this one: the same paper, unless that came with the page from a PDF.
  def next_style = picture&.sheet? ? {} : style.except("minutes", "width", "height")

  # "3 of 5" in the running order, counted from one.
  def number = lesson.pages.index(self).to_i + 1

  # The ground as the board has it, or as devices get it: without what of the paper lies under covers.
  def ground(seen_by = nil) = Usher::Page::Drawing.ground(style, veil: seen_by == :devices ? veil : [])

  # The parts of the paper's picture that are under covers (Usher::Veil).
  def veil
    return [] unless picture
    covers = items.where(kind: "cover").map { |item| item.placed.item }.reject(&:off)
    Usher::Page::Paper.of(style).under(covers.map(&:box), picture.width, picture.height, size: size)
  end

  # The items' drawings, back to front: everything for the board; what the room sees; or what devices
  # get, which is nothing from the wings, nothing for the room alone and nothing that is covered.
  def drawings(seen_by = nil)
    { nil => items, room: items.where(in_room: true), devices: items.where(on_devices: true) }.fetch(seen_by).pluck(seen_by == :devices ? Item::DEVICE_SVG : :svg)
  end

  # Moves to another place in the running order, counted from one.
  def move_to(number) = lesson.arrange_pages([ self ], number)
end
