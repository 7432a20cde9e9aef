# Whose state of the pages it is. A layer lies over the one below and holds only what was put, changed or taken
# away in it (rows of items, some of them `gone`); what it has no row of shows through from below. A layer is
# made after the one below it, so in a stack the greater number lies above.
class Layer < ApplicationRecord
  KINDS = %w[prepared sitting lane seat group].freeze

  belongs_to :lesson
  belongs_to :below, class_name: "Layer", optional: true
  belongs_to :sitting, optional: true
  belongs_to :seat, optional: true
  has_many :items, dependent: :delete_all
  has_many :operations, dependent: :delete_all
  has_many :styles, class_name: "LayerStyle", dependent: :delete_all
  has_many :takes, dependent: :nullify
  has_many :attempts, dependent: :destroy

  validates :kind, inclusion: { in: KINDS }

  KINDS.each { |name| define_method(:"#{name}?") { kind == name } }

  # Of one student or a group, over what the class sees.
  def copy? = seat? || group?

  # The seats whose copy it is.
  def copiers = seat? ? [ seat ] : Seat.where(sitting_id: sitting_id, group_name: group_name).to_a

  # The numbers of the layers that are seen through it, the lowest first. They never change.
  def stack = @stack ||= [ *below&.stack, id ].freeze

  # Those of them that lie under it.
  def beneath = stack - [ id ]

  # A layer over this one.
  def over(kind, **whose) = self.class.create!(lesson_id: lesson_id, below: self, kind: kind, **whose)

  # Whether anything of a page is different here from what is below.
  def touches?(page) = changes_on(page).positive?

  # How many things of a page are.
  def changes_on(page) = prepared? ? 0 : items.where(page_id: page.id).count + styles.where(page_id: page.id).count
end
