# A page or a lesson kept as a starting point: a lesson that does not lie on the desk, with copies of
# the pages. New pages and lessons are copies of it again.
module Lesson::StartingPoint
  extend ActiveSupport::Concern

  KINDS = %w[page lesson].freeze

  included do
    scope :on_desk, -> { where(starting_point: nil) }
    scope :starting_points, -> { where.not(starting_point: nil) }
    validates :starting_point, inclusion: { in: KINDS }, allow_nil: true
  end

  class_methods do
    # Keeps a copy of this page. ink: whether what was written is kept with it.
    def keep_page(page, title:, ink: true)
      transaction do
        page.lesson.teacher.lessons.create!(title: title, starting_point: "page").tap { |kept| page.copy_into(kept, position: 1, ink: ink) }
      end
    end
  end

  # Keeps a copy of this whole lesson.
  def keep(title:) = duplicate(title: title, starting_point: "lesson")

  # A new lesson on the desk that begins like this one.
  def start_lesson = duplicate(title: title, starting_point: nil)
end
