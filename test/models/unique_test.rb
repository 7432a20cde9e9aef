require "test_helper"

# What there is once, said by the database, also when several ask for it at the same moment.
class UniqueTest < ActiveSupport::TestCase
  include World

  setup { @lesson = lesson(teacher("owner")) }

  test "two that begin to teach at the same moment get the same sitting" do
    first = Sitting.teach(@lesson, @lesson.pages.first)
    missed_once(@lesson, :sitting) { assert_equal first, Sitting.teach(@lesson, @lesson.pages.first) }
    assert_equal 1, @lesson.sittings.current.count
    assert_raises(ActiveRecord::RecordNotUnique) { @lesson.sittings.create!(page: @lesson.pages.first, began_at: Time.current) }
    first.update!(ended_at: Time.current)
    assert_not_equal first, Sitting.teach(@lesson, @lesson.pages.first)
  end

  test "two that share at the same moment get the same link" do
    first = Share.of(@lesson)
    missed_once(@lesson, :share) { assert_equal first, Share.of(@lesson) }
    first.withdraw
    assert_not_equal first, Share.of(@lesson)
  end

  test "two of one name that come in at the same moment have two names" do
    sitting = sit(@lesson)
    sitting.seat_for("Wren")
    missed_once(sitting.seats, :pluck, []) { sitting.seat_for("Wren") }
    assert_equal [ "Wren", "Wren 2" ], sitting.seats.pluck(:name).sort
    assert_equal "Wren", sit(lesson(teacher("other"))).seat_for("Wren").name
  end

  private

  # As if somebody looked just before the other one was there.
  def missed_once(object, name, nothing = nil)
    looked = false
    object.define_singleton_method(name) { |*given| looked ? super(*given) : (looked = true) && nothing }
    yield
  ensure
    object.singleton_class.remove_method(name)
  end
end
