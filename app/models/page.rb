class Page < ApplicationRecord
  include Binnable, Bounded, Log, History, Reset, Copying, Cueing, Redrawing, Thumbnail, Capture, Words

  at_most 2_000, per: :lesson_id, words: "A lesson has at most two thousand pages, with those in the bin."

  belongs_to :lesson
  belongs_to :picture, optional: true # the paper's
  has_many :rows, class_name: "Item", dependent: :delete_all # in all layers
  has_many :layer_styles, dependent: :delete_all
  has_many :operations, dependent: :delete_all
  has_many :events, dependent: :delete_all
  has_many :sittings, dependent: :restrict_with_exception
  has_many :takes, dependent: :restrict_with_exception

  # Puts these on a page that is being made: what it starts with, not a step to take back.
  def lay(items)
    placed = items.each_with_index.map { |item, index| Usher::Page::Placed.new(Usher::Items.build(item), index + 1) }
    insert(placed)
  end

  # Puts these (Usher::Page::Placed) on a page that has nothing yet.
  def insert(placed)
    Item.write(placed.map { |one| Item.row(one, page: self, layer_id: prepared.id) })
  end

  # The layer of the prepared lesson, and the rows that lie in it, back to front.
  def prepared = lesson.prepared
  def items = rows.where(layer_id: prepared.id).back_to_front

  # The page as it was prepared, as its teacher sees it.
  def showing(viewer = Viewer.preparing(lesson)) = Showing.new(self, viewer)

  # What the core calls the page's style.
  def style = slice(*Usher::Page::Style::DEFAULTS.keys)

  # [width, height] in page units.
  def size = [ width, height ]

  # The style of a new page behind this one: the same paper, unless that came with the page from a PDF.
  def next_style = picture&.sheet? ? {} : style.except("minutes", "cues", "width", "height")

  # "3 of 5" in the running order, counted from one.
  def number = lesson.pages.index(self).to_i + 1

  # Moves to another place in the running order, counted from one.
  def move_to(number) = lesson.arrange_pages([ self ], number)
end
