require "test_helper"

class BoundedTest < ActiveSupport::TestCase
  test "nobody has more of a kind than the house holds, and another owner is not kept from theirs" do
    mine, other = lesson, lesson
    Page.insert_all!(Array.new(1_999) { |n| Page.first.attributes_before_type_cast.except("id").merge("lesson_id" => mine.id, "position" => n + 2) })
    assert_match(/two thousand/, assert_raises(Usher::Invalid) { mine.add_page }.message)
    other.add_page
  end

  test "goes are counted by student, those at the wall are not" do
    quiz = activity(lesson)
    child = Participant.of(seat(sit(quiz.lesson)))
    first = quiz.deal(to: child)
    Attempt.insert_all!(Array.new(199) { first.attributes.except("id").merge("seed" => 1) })
    assert_raises(Usher::Invalid) { quiz.deal(to: child) }
    Attempt.where(participant: child).update_all(participant_id: nil)
    quiz.deal(layer: quiz.lesson.prepared)
  end
end
