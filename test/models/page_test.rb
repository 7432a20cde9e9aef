require "test_helper"

class PageTest < ActiveSupport::TestCase
  test "a failure halfway leaves neither the items nor the log changed" do
    page = lesson.pages.first
    lay(page, note("n1"))
    power_cut = ->(**) { raise "power cut" }
    enter = Operation.method(:enter)
    Operation.define_singleton_method(:enter, &power_cut)
    assert_raises(RuntimeError) { lay(page, note("n2")) }
    assert_equal [ 1, [ "n1" ], 1 ], [ page.reload.seq, page.items.pluck(:key), page.operations.count ]
  ensure
    Operation.define_singleton_method(:enter, &enter)
  end
end

# Two threads with connections of their own, as two requests have: in a test's usual transaction they
# would share one, and one's transaction would be the other's.
class PageTogetherTest < ActiveSupport::TestCase
  self.use_transactional_tests = false

  teardown { Teacher.order(:administrator).each(&:destroy!) } # the one who looks after the school goes last

  test "two who write on one page at once end with the same page, numbered without a gap" do
    page = lesson.pages.first
    people = [ page.lesson.teacher, teacher("Ivo") ]
    people.each_with_index.map do |person, who|
      Thread.new { 15.times { |step| Page.find(page.id).perform({ "verb" => "put", "items" => [ note("p#{who}-#{step}") ] }, id: "#{who}-#{step}", by: person) } }
    end.each(&:join)
    assert_equal (1..30).to_a, page.operations.order(:seq).pluck(:seq)
    assert_equal 30, page.items.pluck(:z).uniq.size
    assert_equal page.reload.seq, page.items.maximum(:seq)
  end

  test "what follows a commit keeps nobody waiting, and may write itself; so does what failed" do
    page = lesson.pages.first
    Page.transaction do
      page.touch
      Page.current_transaction.after_commit do
        Thread.new { Page.find(page.id).update!(minutes: 7) }.join(5) or flunk "the other thread waits for what follows"
        Page.find(page.id).update!(minutes: page.reload.minutes + 1)
      end
    end
    assert_equal 8, page.reload.minutes
    assert_raises(RuntimeError) { Page.transaction { page.touch && raise("power cut") } }
    assert Thread.new { Page.find(page.id).touch }.join(5)
  end
end
