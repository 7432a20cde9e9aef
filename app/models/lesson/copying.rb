# A lesson duplicated with its pages, items and activities, but not its past: no sittings, takes or links.
module Lesson::Copying
  # facts: what is to be different about the copy.
  def duplicate(**facts)
    transaction do
      same = slice(:subject, :year, :folder, :length, :curriculum, :notes, :starting_point)
      teacher.lessons.create!(title: "#{title.truncate(100)} (copy)", **same, **facts).tap { |copy| Page.copy_all(pages.to_a, copy, position: 1) }
    end
  end
end
