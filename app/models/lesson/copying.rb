# A lesson duplicated with its pages, items and activities, but not its past: no sittings, takes or links.
module Lesson::Copying
  # facts: what is to be different about the copy.
  def duplicate(**facts)
    transaction do
      teacher.lessons.create!(title: "#{title.truncate(100)} (copy)", subject: subject, year: year, starting_point: starting_point, **facts).tap do |copy|
        same = activities.to_h { |activity| [ activity.id, activity.copy_to(copy) ] }
        pages.each_with_index { |page, index| page.copy_to(copy, position: index + 1, activities: same) }
      end
    end
  end
end
