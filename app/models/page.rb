class Page < ApplicationRecord
  include Binnable, Log, History, Copying, Thumbnail

  belongs_to :lesson
  belongs_to :picture, optional: true # the paper's
  has_many :items, -> { order(:z, :key) }, inverse_of: :page, dependent: :delete_all
  has_many :operations, dependent: :delete_all
  has_many :sittings, dependent: :restrict_with_exception
  has_many :takes, dependent: :restrict_with_exception

  # Puts these on a page that is being made: what it starts with, not a step to take back.
  def lay(items)
    return if items.empty?
    placed = items.each_with_index.map { |item, index| Usher::Page::Placed.new(Usher::Items.build(item), index + 1) }
    Item.insert_all!(placed.map { |one| Item.row(one, page: self) })
  end

  # What the core calls the page's style.
  def style = slice(*Usher::Page::Style::DEFAULTS.keys)

  # "3 of 5" in the running order, counted from one.
  def number = lesson.pages.index(self).to_i + 1

  def ground = Usher::Page::Drawing.ground(style)

  # The items' drawings, back to front. Devices get only what lies on the page: the wings stay here.
  def drawings(for_devices: false)
    scope = for_devices ? items.where(on_page: true) : items
    scope.pluck(:svg)
  end

  # Moves to another place in the running order, counted from one.
  def move_to(number)
    transaction do
      others = lesson.pages.reject { |page| page.id == id }
      others.insert((number - 1).clamp(0, others.size), self)
      others.each_with_index { |page, index| page.update_columns(position: index + 1) }
      lesson.pages.reset
      lesson.touch
    end
  end
end
