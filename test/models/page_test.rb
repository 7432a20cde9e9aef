require "test_helper"

class PageTest < ActiveSupport::TestCase
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

  test "a failure halfway leaves neither the items nor the log changed" do
    page = lesson.pages.first
    lay(page, note("n1"))
    power_cut = ->(*) { raise "power cut" }
    Operation.before_create(power_cut)
    assert_raises(RuntimeError) { lay(page, note("n2")) }
    assert_equal [ 1, [ "n1" ], 1 ], [ page.reload.seq, page.items.pluck(:key), page.operations.count ]
  ensure
    Operation.skip_callback(:create, :before, power_cut)
  end

  test "every kind of item is kept, drawn, undone and printed" do
    owner = teacher
    lesson = lesson(owner)
    page = lesson.pages.first
    picture, activity = picture_of(owner), activity(lesson)
    own = { "ink" => { "points" => [ [ 10, 10, nil, 0 ], [ 90, 40, nil, 30 ] ] }, "text" => { "text" => "High tide" }, "note" => { "text" => "Boots" },
      "picture" => { "picture" => picture.id }, "activity" => activity.card }
    Usher::Items.registry.names.each do |kind|
      item = { "kind" => kind, "id" => kind, **(kind == "ink" ? {} : { "x" => 10, "y" => 10, "width" => 200, "height" => 120 }), **own.fetch(kind, {}) }
      lay(page, item)
      assert_includes page.drawings.last, %(data-kind="#{kind}")
      page.undo(by: owner, id: fresh)
      assert_empty page.items.reload
      page.redo(by: owner, id: fresh)
      assert_equal kind, page.items.reload.sole.kind
      assert LessonPrint.new(page.lesson.reload).pdf.start_with?("%PDF")
      page.perform({ "verb" => "remove", "ids" => [ kind ] }, id: fresh, by: owner)
    end
  end
end
